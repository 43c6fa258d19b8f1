import { SHIPPED } from '../families/suites/shipped.fixtures';
import { inOrderOfWork } from '../profile';
import { isInMenu } from './places';
import { keypadOf, pageKey } from './keypad';

const described = SHIPPED.flatMap((profile) => {
  const keypad = keypadOf(profile);
  return keypad ? [{ name: `${profile.id} ${profile.version}`, profile, keypad }] : [];
});

test('some shipped controllers say how one gets about in their menus', () => {
  expect(described.length).toBeGreaterThanOrEqual(9);
});

describe.each(described)('$name', ({ profile, keypad }) => {
  const all = inOrderOfWork(profile);
  const rows = all.filter((parameter) => keypad.has(parameter));
  const middle = keypad.named[Math.floor(keypad.named.length / 2)];
  const last = keypad.after(rows[rows.length - 1].key, 'set');

  test.each([
    ['the home display', keypad.home.id],
    ['the middle of the menu', middle.id],
    ['the last setting', last],
    ['nobody knows what', null],
  ])('every setting is reached from %s, and nothing is set going on the way', (_, from) => {
    for (const { key } of rows)
      for (const doing of ['read', 'set'] as const) {
        const way = keypad.way(from, key, doing);
        expect({ key, doing, way }).toMatchObject({ way: { acts: isRunning(key) ? RUNS : [] } });
      }
  });
  /** It is set while it runs: its key sets it going, and that is confirmed first. */
  const isRunning = (key: string) => all.find((one) => one.key === key)?.enterWhen === 'running';
  const RUNS = [{ does: 'starts' }];

  test('what no key of it leads to is at the home display, turned by hand, fixed, or at another panel', () => {
    const own = profile.panels?.[0].key;
    for (const { route, fixed, panel = own, ...parameter } of all.filter((one) => !keypad.has(one)))
      expect(
        route.length === 0 ||
          fixed === true ||
          panel !== own ||
          parameter.opensBy?.by === 'word' ||
          !isInMenu({ ...parameter, route }),
      ).toBe(true);
  });

  test('every page is reached; only what is done by a key sets anything going', () => {
    for (const { of } of profile.pages ?? []) {
      const way = keypad.way(null, pageKey(of), 'read');
      expect(way).not.toBeNull();
      if (way!.acts.length > 0) expect(['prime', 'direction']).toContain(of);
    }
    const primes = profile.pages?.some(({ of }) => of === 'prime') ?? false;
    if (primes) expect(keypad.way(keypad.home.id, pageKey('prime'), 'read')?.acts).toHaveLength(1);
  });

  test('from anywhere no way is longer than by way of home', () => {
    for (const { id } of keypad.named)
      for (const { key } of rows)
        expect(keypad.way(id, key, 'set')!.presses).toBeLessThanOrEqual(
          keypad.way(null, key, 'set')!.presses,
        );
  });

  test('read one after another all settings take fewer presses than from the home display each', () => {
    const keys = rows.map(({ key }) => key);
    const walked = keypad.presses(keypad.home.id, keypad.order(keypad.home.id, keys, 'read'), 'read');
    const each = keys.reduce((sum, key) => sum + keypad.way(null, key, 'read')!.presses, 0);
    expect(walked).toBeLessThan(each / 1.5);
  });
});
