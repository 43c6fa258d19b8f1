import { shipped } from '../families/suites/shipped.fixtures';
import { profileSchema } from '../families';
import {
  expectedInWords,
  expectedOf,
  faultOf,
  inOrderOfWork,
  isTapped,
  movesByItself,
  wordsFor,
  wordsForFault,
  type Parameter,
} from './index';

const TIMERS = shipped('pool-drive-timer-menus');
const LAMPS = shipped('metering-outside-lamps');
const MODULE = shipped('circulator-module-browser');
const of = (profile: typeof TIMERS, key: string): Parameter =>
  inOrderOfWork(profile).find((one) => one.key === key)!;

/** A profile as anything that a file may hold. */
type Loose = ReturnType<typeof JSON.parse>;

/** What the schema says of a profile that was changed. */
const broken = (profile: typeof TIMERS, change: (copy: Loose) => unknown) => {
  const copy = structuredClone(profile) as Loose;
  change(copy);
  const parsed = profileSchema.safeParse(copy);
  return parsed.success
    ? []
    : parsed.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`);
};
const at = (copy: Loose, key: string) => copy.parameters.find((one: Loose) => one.key === key)!;

describe('words, and days in groups', () => {
  test('a name is as long as the display has signs for it', () => {
    const name = of(TIMERS, 'name/2');
    expect(faultOf(name, 'Morning', {})).toBeNull();
    expect(faultOf(name, 'Mornings +', {})).toBeNull();
    expect(faultOf(name, 'Mornings ++', {})).toEqual({ kind: 'too-long', most: 10 });
    // a sign is one sign, whatever it takes to store it
    expect(faultOf(name, '½½½½½½½½½😀', {})).toBeNull();
    expect(wordsForFault(name, { kind: 'too-long', most: 10 })).toBe(
      'Timer 2: name has room for 10 signs on this display.',
    );
  });
  test('only the groups that it has', () => {
    const days = of(TIMERS, 'days/3');
    expect(isTapped(days)).toBe(true);
    expect(faultOf(days, '12345', {})).toBeNull();
    expect(faultOf(days, '1234', {})).toEqual({ kind: 'not-a-group' });
    expect(faultOf(days, '71', {})).toEqual({ kind: 'not-days' });
    expect(wordsForFault(days, { kind: 'not-a-group' })).toContain('Daily, Mo–Fr, Sa–Su only');
    expect(wordsFor(days, '67')).toBe('Sa–Su');
  });
});

describe('what a lamp must show', () => {
  const lamp = of(LAMPS, 'outside');
  test('by the settings that it hangs on; nothing where they are not known', () => {
    expect(expectedOf(lamp, { mode: 'hand' })).toBe('dark');
    expect(expectedOf(lamp, { mode: 'pulse' })).toBe('steady');
    expect(expectedOf(lamp, {})).toBeNull();
    expect(expectedOf(of(LAMPS, 'waits'), { mode: 'hand' })).toBeNull();
  });
  test('the first that is so counts, and one before it that is not known counts against it', () => {
    const two = {
      ...lamp,
      expects: [
        { value: 'flashing', when: { all: [{ parameter: 'stopKind', in: ['stops'] }] } },
        { value: 'steady', when: { not: { parameter: 'mode', in: ['hand'] } } },
      ],
    };
    expect(expectedOf(two, { mode: 'pulse', stopKind: 'stops' })).toBe('flashing');
    expect(expectedOf(two, { mode: 'pulse', stopKind: 'permits' })).toBe('steady');
    expect(expectedOf(two, { mode: 'pulse' })).toBeNull();
    expect(expectedOf(two, { mode: 'hand', stopKind: 'permits' })).toBeNull();
  });
  test('in words, by the labels of what it hangs on', () => {
    expect(expectedInWords(lamp, LAMPS.parameters)).toEqual([
      'With Mode HAnd: by hand it shows: Dark.',
      'With Mode 4–20: signal or 0–20: signal or PULS: one stroke a pulse it shows: Steady.',
    ]);
  });
  test('a lamp or a counter says nothing of next time; a serial number does', () => {
    expect([movesByItself(lamp), movesByItself(of(LAMPS, 'strokes'))]).toEqual([true, true]);
    expect([movesByItself(of(MODULE, 'serial')), movesByItself(of(LAMPS, 'mode'))]).toEqual([false, false]);
  });
});

test.each<[string, typeof TIMERS, (copy: Loose) => unknown, string]>([
  ['a text without its length', TIMERS, (p) => delete at(p, 'name').longest, 'how many signs'],
  ['a length of a figure', TIMERS, (p) => (at(p, 'least').longest = 4), 'Only a text'],
  [
    'a group that is no days',
    TIMERS,
    (p) => (at(p, 'days').options[0].value = 'daily'),
    'A group of days is its days as digits',
  ],
  ['a fixed figure with a range', MODULE, (p) => (at(p, 'vOn').greatest = 2), 'its own value for minimum'],
  ['a fixed figure without one', MODULE, (p) => delete at(p, 'vOn').default, 'Say what it is fixed at.'],
  [
    'a fixed choice of two',
    shipped('drive-mode-and-faults'),
    (p) => at(p, 'fixedUnit').options.push({ value: 'psi', label: 'psi' }),
    'has one choice',
  ],
  ['a lamp that is fixed', LAMPS, (p) => (at(p, 'waits').fixed = true), 'is no setting'],
  [
    'a lamp that keys change',
    LAMPS,
    (p) => (at(p, 'waits').dial = { by: 'presses', up: 'Up' }),
    'is not changed by keys',
  ],
  [
    'a setting that must show something',
    LAMPS,
    (p) => (at(p, 'mode').expects = at(p, 'outside').expects),
    'Only a lamp',
  ],
  [
    'a look that it has not',
    LAMPS,
    (p) => (at(p, 'outside').expects[0].value = 'green'),
    'There is no look “green”.',
  ],
  [
    'what it hangs on is gone',
    LAMPS,
    (p) => (at(p, 'outside').expects[0].when.parameter = 'gone'),
    'There is no parameter “gone”.',
  ],
  [
    'it hangs on itself',
    LAMPS,
    (p) => (at(p, 'outside').expects[0].when.parameter = 'outside'),
    'cannot hang on itself',
  ],
  ['a panel that is gone', MODULE, (p) => (at(p, 'name').panel = 'tablet'), 'There is no panel “tablet”.'],
  [
    'its own panel again',
    MODULE,
    (p) => (at(p, 'source').alsoAt[0].panel = 'panel'),
    'The panel “panel” stands twice.',
  ],
  ['one panel alone', MODULE, (p) => p.panels.splice(1), 'One panel alone needs no name.'],
  ['a panel twice', MODULE, (p) => (p.panels[1].key = 'panel'), 'The panel “panel” stands twice.'],
  [
    'seconds of a press',
    TIMERS,
    (p) => (at(p, 'least').route[0].seconds = 3),
    'Only a key that is held has seconds.',
  ],
  [
    'a code without the key to its next digit',
    TIMERS,
    (p) => delete at(p, 'password').route[2].next,
    'which key goes on to the next digit',
  ],
  ['a code of letters', TIMERS, (p) => (at(p, 'password').route[2].digits = 'abc'), 'one to eight digits'],
  [
    'its own meaning beside it',
    LAMPS,
    (p) => (at(p, 'mode').options[0].also = { mode: 'mode.manual' }),
    'belongs to the choice, not beside it',
  ],
  [
    'a meaning that another setting has',
    LAMPS,
    (p) => (at(p, 'mode').options[0].also = { 'pulse.memory': 'memory.on' }),
    'This meaning stands twice.',
  ],
])('%s is refused at its place, in words', (_, profile, change, words) => {
  expect(broken(profile, change).join('\n')).toContain(words);
});
