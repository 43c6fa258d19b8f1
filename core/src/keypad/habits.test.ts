import type { KeyStep, MenuHabits, Parameter, Profile } from '../profile';
import { Keypad, keypadOf } from './keypad';

const step = (key: string, more: Partial<KeyStep> = {}): KeyStep => ({
  key,
  press: 'short',
  times: 1,
  ...more,
});
const row = (key: string, route: readonly KeyStep[], more: Partial<Parameter> = {}): Parameter =>
  ({ key, label: key, group: 'g', entry: 'up-and-down', route, ...more }) as Parameter;
const MENU: MenuHabits = {
  moves: [{ key: 'Down', back: 'Up' }],
  leave: { key: 'Back', press: 'short' },
  home: { keys: [{ key: 'Back', press: 'hold', times: 1 }], shows: 'pressure' },
  afterStoring: 'value',
  acts: [],
};

test('the same key held for three and for eight seconds are two ways', () => {
  const rows = [
    row('rate', [step('Set', { press: 'hold', seconds: 3, shows: 'User' })]),
    row('limit', [step('Set', { press: 'hold', seconds: 8, shows: 'Service' })]),
  ];
  const keypad = new Keypad(MENU, rows);
  expect(keypad.way(keypad.home.id, 'rate', 'set')?.steps).toEqual([
    { key: 'Set', press: 'hold', seconds: 3, until: null, times: 1, shows: 'User' },
  ]);
  expect(keypad.way(keypad.home.id, 'limit', 'set')?.steps[0].seconds).toBe(8);
  expect(keypad.after('rate', 'set')).not.toBe(keypad.after('limit', 'set'));
});

test('a code counts the presses of its digits, and is entered once for what stands behind it', () => {
  const code = step('Up', { digits: '204', next: 'Right', shows: 'Service' });
  const rows = [
    row('a', [step('Menu'), code, step('Down', { shows: 'A' })]),
    row('b', [step('Menu'), code, step('Down', { times: 2, shows: 'B' })]),
  ];
  const keypad = new Keypad(MENU, rows);
  // menu, 2 + 0 + 4 and twice on, down
  expect(keypad.way(keypad.home.id, 'a', 'set')?.presses).toBe(1 + 8 + 1);
  expect(keypad.way(keypad.after('a', 'set'), 'b', 'set')?.steps).toEqual([
    { key: 'Down', press: 'short', until: null, times: 1, shows: 'B' },
  ]);
});

describe('a menu whose leaving sets the plant going', () => {
  const words = 'Leaving starts the plant: nobody may stand at it.';
  const rows = [
    row('a', [step('Menu'), step('Down', { shows: 'A' })]),
    row('b', [step('Menu'), step('Down', { times: 2, shows: 'B' })]),
    row('far', [step('Info', { shows: 'Info' })]),
  ];
  const keypad = new Keypad({ ...MENU, leavingStarts: words }, rows);
  test('inside it nothing starts; out of it the caution comes first', () => {
    expect(keypad.way(keypad.home.id, 'a', 'set')?.acts).toEqual([]);
    expect(keypad.way(keypad.after('a', 'set'), 'b', 'set')?.acts).toEqual([]);
    expect(keypad.way(keypad.after('a', 'set'), 'far', 'set')?.acts).toMatchObject([
      { does: 'starts', words },
    ]);
  });
  test('nobody knows where it stands: home first, and that may leave it', () => {
    expect(keypad.way(null, 'a', 'set')?.acts).toMatchObject([{ words }]);
    expect(new Keypad(MENU, rows).way(null, 'a', 'set')?.acts).toEqual([]);
  });
});

test('what is set at another panel, or as it is switched on, is no place of this menu', () => {
  const profile = {
    groups: [{ key: 'g', label: 'G' }],
    panels: [
      { key: 'panel', label: 'Panel' },
      { key: 'browser', label: 'Browser page' },
    ],
    menu: MENU,
    parameters: [
      row('a', [step('Menu', { shows: 'A' })]),
      row('b', [step('Settings', { shows: 'B' })], { panel: 'browser' }),
      row('c', [step('Menu', { shows: 'C' })], { opensBy: { by: 'word', shows: 'SEt' } }),
      row('d', [step('Menu', { shows: 'D' })], { opensBy: { by: 'wiring', connect: '7 to 8' } }),
    ],
  } as unknown as Profile;
  const keypad = keypadOf(profile);
  expect(profile.parameters.filter((one) => keypad?.has(one)).map(({ key }) => key)).toEqual(['a', 'd']);
});
