import { FAMILY_NAMES } from '../families';
import { SHIPPED } from '../families/suites/shipped.fixtures';
import { explainedBy, lookUp, type Explained } from './look-up';

const one = (shows: string, more: Partial<Explained> = {}): Explained => ({
  profileId: 'one',
  profile: 'A drive',
  family: 'drive',
  shows,
  lamp: false,
  kind: 'fault',
  means: 'Runs dry.',
  todo: 'Open the inlet.',
  manual: null,
  page: null,
  resetBy: null,
  ...more,
});

test('a code is found however it is typed off a display, in every controller that shows it', () => {
  const other = one('E-4', {
    profileId: 'other',
    profile: 'A pool panel',
    family: 'pool',
    means: 'Too hot.',
  });
  const all = [one('E 4'), other, one('E 40'), one('F 4')];
  for (const typed of ['e4', 'E-4', ' E 4 ', 'E.4'])
    expect(lookUp(all, typed).exact).toEqual([all[0], other]);
  // near miss: another that begins so comes after, and one that does not comes not at all
  expect(lookUp(all, 'e4').near).toEqual([all[2]]);
});

test('by words of what it means, in any order; nothing typed finds nothing', () => {
  const all = [one('E 4'), one('E 5', { means: 'Sensor wire broken.', todo: 'Check the plug.' })];
  expect(lookUp(all, 'wire sensor').near).toEqual([all[1]]);
  expect(lookUp(all, 'sensor dry')).toEqual({ exact: [], near: [] });
  expect(lookUp(all, '  ')).toEqual({ exact: [], near: [] });
  expect(lookUp(all, '–')).toEqual({ exact: [], near: [] });
});

test('what every shipped controller shows is explained in words, lamps that hang on settings too', () => {
  const all = SHIPPED.flatMap(explainedBy);
  expect(all.length).toBeGreaterThan(100);
  expect(new Set(all.map(({ family }) => family))).toEqual(new Set(FAMILY_NAMES));
  for (const { shows, means, todo, kind } of all) {
    expect([shows, means.length > 3]).toEqual([shows, true]);
    expect([shows, kind === 'state' || todo.length > 3]).toEqual([shows, true]);
  }
  expect(all.some(({ kind, lamp }) => kind === 'state' && lamp)).toBe(true);
  // each is found by what it shows
  for (const each of all) expect(lookUp(all, each.shows).exact).toContain(each);
});
