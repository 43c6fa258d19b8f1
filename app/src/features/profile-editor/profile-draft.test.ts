import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { familyOf } from '@barythm/core/families';
import { textAt, type Texts, withText } from '@barythm/core/describe';
import { BLANK_PARAMETER } from './parameter-texts';
import { broughtUp, draftOf, habitsOf, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';
import { profileSchema } from '@barythm/core/families';

const shipped = (name: string) =>
  profileSchema.parse(
    JSON.parse(readFileSync(join(__dirname, '../../../../profiles', `${name}.json`), 'utf8')),
  );
const NAMES = [
  'motor-three-gears',
  'two-point-soft-keys',
  'pulse-wheel',
  'stepper-flow',
  'numbered-timer',
  'three-key-contact',
];

test.each(NAMES)('“%s” comes back from its texts as it went', (name) => {
  const profile = shipped(name);
  const { profile: again, errors } = profileOf(draftOf(profile));
  expect(errors).toEqual({});
  // what is left out and what is set to no are the same habit
  const plain = { deaerates: undefined, compensates: undefined, locks: undefined };
  expect({ ...again, behaviours: { ...again?.behaviours, ...plain } }).toEqual({
    ...profile,
    behaviours: { ...profile.behaviours, ...plain },
  });
});

const POOL_NAMES = [
  'pool-drive-ten-slots',
  'pool-drive-four-speeds',
  'pool-drive-link',
  'circuit-panel-eight',
];
test.each(POOL_NAMES)('“%s” comes back from its texts as it went', (name) => {
  const profile = shipped(name);
  expect(profileOf(draftOf(profile))).toEqual({ profile, errors: {} });
});

describe('how a pool controller behaves', () => {
  const start = draftOf(shipped('pool-drive-ten-slots'));
  const typed = (path: string, text: string) =>
    profileOf({ ...start, habits: { pool: withText(habitsOf(start) as Texts, path, text) } });
  test.each([
    ['speed.least_rpm', 'slow', '“slow” is not a figure.'],
    ['speed.step_rpm', '0', 'This is needed.'],
    ['programs.keyed', '1, b', 'Whole numbers'],
    ['programs.overlap', '', 'Choose one.'],
    ['clock.keeps_h', '', 'This is needed.'],
    ['resetShows', '', 'This is needed.'],
    ['commands', '', 'This is needed.'],
  ])('what is wrong at %s is said there: “%s”', (path, text, words) => {
    const { profile, errors } = typed(path, text);
    expect(profile).toBeNull();
    expect(errors[`behaviours.${path}`]).toContain(words);
  });
  test('a frost guard, an address and a mark at the end of set-up are had or not', () => {
    expect(typed('frost.on', 'no').profile?.behaviours).toMatchObject({ frost: null });
    const link = draftOf(shipped('pool-drive-link'));
    const without = withText(habitsOf(link) as Texts, 'addresses.on', 'no');
    expect(profileOf({ ...link, habits: { pool: without } }).profile?.behaviours).toMatchObject({
      addresses: null,
    });
    expect(typed('setUpEnd', 'It shows READY.').profile?.behaviours).toMatchObject({
      setUpEnd: 'It shows READY.',
    });
    expect(typed('clockShows', 'date').profile?.behaviours).toMatchObject({ clockShows: 'date' });
    expect(typed('setUpEnd', ' ').profile?.behaviours).not.toHaveProperty('setUpEnd');
  });
  test('a blank one says what is to be looked up, and assumes no priming, rule or clock', () => {
    const { profile, errors } = profileOf({ ...blank, family: 'pool' });
    expect(profile).toBeNull();
    expect(Object.keys(errors)).toEqual(
      expect.arrayContaining([
        'behaviours.kind',
        'behaviours.speed.least_rpm',
        'behaviours.programs.overlap',
        'behaviours.priming.kind',
        'behaviours.clock.summer',
        'behaviours.afterPowerCut',
        'behaviours.resetShows',
      ]),
    );
    expect(textAt(familyOf('pool').forms.behaviours.blank, 'frost.on')).toBe('no');
  });
});

const blank: ProfileDraft = {
  id: '',
  version: '1',
  name: '',
  about: '',
  family: 'metering',
  groups: '',
  parameters: [],
  habits: {},
};

test('a draft that was kept before each family had its own place is read on, with nothing lost', () => {
  const { habits, ...rest } = draftOf(shipped('three-key-contact'));
  const kept = { ...rest, behaviours: habits.metering as Texts, poolBehaviours: { kind: 'panel' } };
  const draft = broughtUp(kept);
  expect(profileOf(draft)).toEqual({ profile: shipped('three-key-contact'), errors: {} });
  expect(draft.habits.pool).toEqual({ kind: 'panel' });
  expect(broughtUp(draft)).toBe(draft);
});

test('habits that were being typed when their form was flat go on with every answer', () => {
  const flat = {
    modes: ['manual', 'contact'],
    analog: 'plain',
    ranges: ['4-20', '20-4'],
    below: 'hold',
    brokenReaction: 'stop',
    brokenLow: '3.5',
    brokenHigh: '',
    leastRate: '2',
    greatestRate: 'A=48, B=96',
    afterPowerCut: 'wait',
    priming: 'Hold both keys.',
    setUpEnd: '',
    showsSignal: true,
    clock: 'weekday',
    nominal: '',
    takesPulses: true,
    multiplyMost: '4',
    divideMost: '99',
    memory: 'kept',
    memoryMost: '300',
    whileStopped: 'lost',
    recognition: '10 50',
    batch: 'queued',
    stopInput: 'none',
    dry: 'not-known',
    afterFault: 'wait',
    slowSuction: '100 60',
    deaerates: false,
    compensates: true,
    locks: false,
  };
  const form = familyOf('metering').forms.behaviours;
  const typed = habitsOf({ ...blank, habits: { metering: flat as unknown as Texts } });
  expect(form.read(typed)).toEqual({
    errors: {},
    value: {
      family: 'metering',
      modes: ['manual', 'contact'],
      analog: { kind: 'plain', ranges: ['4-20', '20-4'] },
      below: 'hold',
      brokenWire: { low_mA: 3.5, high_mA: null, reaction: 'stop' },
      leastRate_spm: 2,
      greatestRate_spm: { A: 48, B: 96 },
      afterPowerCut: 'wait',
      priming: 'Hold both keys.',
      showsSignal: true,
      hasClock: true,
      clockShows: 'weekday',
      pulses: {
        multiplyMost: 4,
        divideMost: 99,
        memory: 'kept',
        memoryMost: 300,
        whileStopped: 'lost',
        recognition_ms: [10, 50],
      },
      batch: { whileRunning: 'queued' },
      afterFault: 'wait',
      slowSuction: [1, 0.6],
      compensates: true,
      locks: false,
    },
  });
});

test('habits of the form in which a word of each choice stood for nothing said go on too', () => {
  const form = familyOf('metering').forms.behaviours;
  const start = form.write(shipped('three-key-contact').behaviours as never);
  const kept = {
    ...(start as Record<string, Texts>),
    clock: 'none',
    brokenWire: { reaction: 'none', low_mA: '3.6', high_mA: '21' },
    batch: { whileRunning: 'none' },
    stopInput: 'none',
    dry: 'not-known',
    afterFault: 'not-known',
  };
  const draft = { ...blank, habits: { metering: kept } };
  const { errors, value } = form.read(habitsOf(draft));
  expect(errors).toEqual({});
  expect(value).toMatchObject({ hasClock: false, brokenWire: null });
  for (const key of ['batch', 'stopInput', 'dry', 'afterFault', 'clock'])
    expect(value).not.toHaveProperty(key, expect.anything());
  const watched = { ...kept, clock: 'weekday', brokenWire: { reaction: 'stop', low_mA: '3.6', high_mA: '' } };
  expect(form.read(habitsOf({ ...blank, habits: { metering: watched } })).value).toMatchObject({
    hasClock: true,
    clockShows: 'weekday',
    brokenWire: { reaction: 'stop', low_mA: 3.6, high_mA: null },
  });
});

test('the currents that a maker wants a pump proved at are not lost by a copy', () => {
  const profile = { ...shipped('two-point-soft-keys') };
  const asked = { ...profile.behaviours, proofPoints_mA: [4, 12, 20] } as typeof profile.behaviours;
  const copy = profileOf(draftOf({ ...profile, behaviours: asked } as typeof profile));
  expect(copy.profile?.behaviours).toMatchObject({ proofPoints_mA: [4, 12, 20] });
});

test('from blank: everything that is missing is said at its own place', () => {
  const { profile, errors } = profileOf(blank);
  expect(profile).toBeNull();
  expect(errors).toMatchObject({
    id: expect.stringContaining('Lower-case letters'),
    name: 'The profile needs a name.',
    groups: 'At least one group: key | label.',
    parameters: 'At least one parameter.',
    'behaviours.priming': expect.stringContaining('Say what priming does'),
    'behaviours.greatestRate_spm': 'This is needed.',
  });
});

const good = draftOf(shipped('three-key-contact'));
const withParameter = (change: Partial<typeof BLANK_PARAMETER>): ProfileDraft => ({
  ...good,
  parameters: good.parameters.map((parameter, i) => (i === 2 ? { ...parameter, ...change } : parameter)),
});

test.each<[string, ProfileDraft, string, string]>([
  ['a limit of text', withParameter({ greatest: 'much' }), 'parameters.2.greatest', 'by gear: A=48'],
  [
    'a limit by nothing',
    withParameter({ greatest: 'by gear: A=1' }),
    'parameters.2.greatest',
    'no parameter “gear”',
  ],
  ['limits crossed', withParameter({ least: '200' }), 'parameters.2.least', 'above the maximum'],
  ['a step of text', withParameter({ step: 'x' }), 'parameters.2.step', 'not a figure'],
  ['an unknown role', withParameter({ role: 'rate.odd' }), 'parameters.2.role', 'no meaning'],
  ['a role twice', withParameter({ role: 'mode' }), 'parameters.2.role', 'stands twice'],
  ['a key twice', withParameter({ key: 'drive' }), 'parameters.2.key', 'stands twice'],
  ['a group that is none', withParameter({ group: 'x' }), 'parameters.2.group', 'no group “x”'],
  ['an odd press', withParameter({ route: 'Left | poke' }), 'parameters.2.route', 'short, hold or turn'],
  [
    'a choice of none',
    withParameter({ type: 'choice', options: '' }),
    'parameters.2.options',
    'at least one option',
  ],
  ['no way of storing', withParameter({ storedBy: '' }), 'parameters.2.storedBy', 'needed'],
  [
    'a rate of text',
    { ...good, habits: { metering: { ...(habitsOf(good) as object), greatestRate_spm: 'A=fast' } } },
    'behaviours.greatestRate_spm',
    'not a figure',
  ],
])('%s is said at its field', (_, draft, place, words) => {
  const { profile, errors } = profileOf(draft);
  expect(profile).toBeNull();
  expect(errors[place]).toContain(words);
});
