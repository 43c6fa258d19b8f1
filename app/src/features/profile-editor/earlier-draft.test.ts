import { familyOf } from '@barythm/core/families';
import { shipped } from '@barythm/core/families/suites/shipped.fixtures';
import { textAt, type Texts } from '@barythm/core/describe';
import { broughtUp } from './earlier-draft';
import { blankDraft, draftOf, habitsOf, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';

const GEARS = ['A', 'B'].map((value) => ({ value, label: value, role: '' }));
const blank: ProfileDraft = { ...blankDraft('metering'), groups: [] };

test('a draft that was kept when groups, choices and keys were lines of text is read on, with nothing lost', () => {
  const profile = shipped('motor-three-gears');
  const { habits } = draftOf(profile);
  const parameter = {
    key: 'rate',
    role: 'rate.manual',
    label: 'Rate',
    group: 'drive',
    type: 'number',
    unit: 'strokes/min',
    least: '0',
    greatest: 'by gear: A=48, B=96',
    step: '1',
    default: '',
    options: '',
    changedBy: 'anyone',
    enterWhen: 'any',
    needsRestart: true,
    entry: 'up-and-down',
    storedBy: 'OK',
    route: 'Menu | hold | 2 | rATE\nUp | | place',
    caution: '',
    appliesWhen: 'mode: ext, man',
    rewrites: 'mode, gear',
  };
  const choice = {
    ...parameter,
    appliesWhen: '',
    rewrites: '',
    greatest: '',
    key: 'mode',
    role: '',
    type: 'choice',
    label: 'Mode',
    options: 'man | Manual | mode.manual\next | External',
  };
  const earlier = {
    id: 'an-older-one',
    version: '3',
    name: 'An older one',
    about: '',
    family: 'metering',
    groups: 'drive | Drive\nprograms | Programs | 4 × Program',
    parameters: [parameter, choice],
    behaviours: habits.metering as Texts,
    poolBehaviours: { kind: 'panel' },
  } as const;
  const draft = broughtUp(earlier);
  expect(broughtUp(draft)).toBe(draft);
  expect(draft).toMatchObject({ id: 'an-older-one', version: 3, habits: { pool: { kind: 'panel' } } });
  expect(textAt(draft.groups[1], 'repeat')).toMatchObject({ on: 'yes', count: '4', noun: 'Program' });
  const { profile: read, errors } = profileOf({
    ...draft,
    // the gear that its limits hang on
    parameters: [
      ...draft.parameters,
      { ...(draft.parameters[1] as object), key: 'gear', label: 'Gear', options: GEARS },
    ],
  });
  expect(errors).toEqual({});
  expect(read?.parameters[0]).toMatchObject({
    key: 'rate',
    least: 0,
    greatest: { by: 'gear', values: { A: 48, B: 96 } },
    needsRestart: true,
    route: [
      { key: 'Menu', press: 'hold', times: 2, shows: 'rATE' },
      { key: 'Up', press: 'short', times: 'place' },
    ],
    rewrites: ['mode', 'gear'],
  });
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
