import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { familyOf, type AnyProfile, type FamilyName } from '@barythm/core/families';
import { textAt, type Texts, withText } from '@barythm/core/describe';
import { broughtUp } from './earlier-draft';
import { unitsFor } from './parameter-fields';
import { blankDraft, blankParameter, copyOf, draftOf, habitsOf, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';
import { profileSchema } from '@barythm/core/families';

const PROFILES = join(__dirname, '../../../../profiles');
const shipped = (name: string) =>
  profileSchema.parse(JSON.parse(readFileSync(join(PROFILES, `${name}.json`), 'utf8')));
const ALL = readdirSync(PROFILES).map((file) => shipped(file.replace('.json', '')));
/** What is left out and what is set to no are the same habit. */
const plainly = (profile: AnyProfile | null) =>
  profile && {
    ...profile,
    behaviours: Object.fromEntries(
      Object.entries(profile.behaviours).filter(([, value]) => value !== false && value !== undefined),
    ),
  };

test.each(ALL.map((profile) => [profile.id, profile] as const))(
  '“%s” comes back from its texts as it went, and as a new profile but for its name',
  (_, profile) => {
    const again = profileOf(draftOf(profile));
    expect(again.errors).toEqual({});
    expect(plainly(again.profile)).toEqual(plainly(profile));
    const copy = profileOf({ ...copyOf(profile), name: 'Ring main, three keys' });
    expect(copy.errors).toEqual({});
    expect(plainly(copy.profile)).toEqual(
      plainly({ ...profile, id: 'ring-main-three-keys', version: 1, name: 'Ring main, three keys' }),
    );
  },
);

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
    options: 'man | Manual | mode.manual',
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
    parameters: [...draft.parameters, { ...(draft.parameters[1] as object), key: 'gear', label: 'Gear' }],
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
    name: 'The profile needs a name.',
    groups: 'At least one menu.',
    parameters: 'At least one parameter.',
    'behaviours.priming': expect.stringContaining('Say what priming does'),
    'behaviours.greatestRate_spm': 'This is needed.',
  });
});

const good = draftOf(shipped('three-key-contact'));
const at2 = (change: Readonly<Record<string, Texts>>): ProfileDraft => ({
  ...good,
  parameters: good.parameters.map((one, i) => (i === 2 ? { ...(one as object), ...change } : one)),
});

test.each<[string, ProfileDraft, string, string]>([
  ['a limit of text', at2({ greatest: 'much' }), 'parameters.2.greatest', 'not a figure'],
  [
    'a limit by nothing',
    at2({ limitBy: 'gear', limits: [{ when: 'A', least: '', greatest: '1' }] }),
    'parameters.2.greatest',
    'no parameter “gear”',
  ],
  ['limits crossed', at2({ least: '200' }), 'parameters.2.least', 'above the maximum'],
  ['a step of text', at2({ step: 'x' }), 'parameters.2.step', 'not a figure'],
  ['an unknown meaning', at2({ role: 'rate.odd' }), 'parameters.2.role', 'no meaning of such a controller'],
  ['a meaning twice', at2({ role: 'mode' }), 'parameters.2.role', 'stands twice'],
  ['no meaning chosen', at2({ role: '' }), 'parameters.2.role', 'Choose one'],
  ['no menu', at2({ group: '' }), 'parameters.2.group', 'needed'],
  [
    'a unit of another quantity',
    at2({ role: 'signal.x1', unit: 'bar' }),
    'parameters.2.unit',
    'no unit of this',
  ],
  [
    'no way of pressing',
    at2({ route: [{ key: 'Left', press: '', times: '1' }] }),
    'parameters.2.route.0.press',
    'Choose one',
  ],
  [
    'presses without end',
    at2({ route: [{ key: 'Left', press: 'short', times: '100' }] }),
    'parameters.2.route.0.times',
    '1 to 99',
  ],
  ['a choice of none', at2({ type: 'choice', options: [] }), 'parameters.2.options', 'at least one option'],
  [
    'a choice without its words',
    at2({ type: 'choice', options: [{ value: 'new:1', label: '', role: '' }] }),
    'parameters.2.options.0.label',
    'as it is displayed',
  ],
  ['no way of storing', at2({ storedBy: '' }), 'parameters.2.storedBy', 'what stores it'],
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

describe('names that nobody types', () => {
  const named = (label: string, draft: ProfileDraft): ProfileDraft => ({
    ...draft,
    parameters: [
      ...draft.parameters,
      {
        ...(blankParameter(draft, good.parameters[0]) as object),
        label,
        role: 'none',
        type: 'number',
        unit: '-',
      },
    ],
  });
  test('a parameter is called after what the display shows, none like another', () => {
    const draft = ['▲ Höhe 2', 'Drive', '45', '▲'].reduce((now, label) => named(label, now), good);
    const { profile, errors } = profileOf(draft);
    expect(errors).toEqual({});
    const before = good.parameters.length;
    expect(profile?.parameters.slice(before).map(({ key }) => key)).toEqual([
      'ho-he-2',
      good.parameters.some((one) => textAt(one, 'key') === 'drive') ? 'drive-2' : 'drive',
      'n-45',
      `key-${before + 4}`,
    ]);
  });
  test('what refers to a new parameter or choice goes with it when it is renamed', () => {
    const choice = {
      ...(blankParameter(good, good.parameters[0]) as object),
      label: 'Head',
      role: 'none',
      type: 'choice',
      options: [
        { value: 'new:1', label: 'Small', role: '' },
        { value: 'new:2', label: 'Large', role: '' },
      ],
      default: 'new:2',
    };
    const draft = { ...good, parameters: [...good.parameters, choice] };
    const key = String(textAt(choice as Texts, 'key'));
    const hanging: ProfileDraft = {
      ...draft,
      parameters: draft.parameters.map((one, i) =>
        i === 2
          ? {
              ...(one as object),
              greatest: '',
              limitBy: key,
              limits: [{ when: 'new:2', least: '', greatest: '80' }],
              appliesWhen: [{ parameter: key, in: 'new:1,new:2' }],
              rewrites: key,
            }
          : one,
      ),
    };
    expect(profileOf(hanging)).toMatchObject({ errors: {} });
    expect(profileOf(hanging).profile?.parameters[2]).toMatchObject({
      greatest: { by: 'head', values: { large: 80 } },
      appliesWhen: { parameter: 'head', in: ['small', 'large'] },
      rewrites: ['head'],
    });
    expect(profileOf(hanging).profile?.parameters.at(-1)).toMatchObject({ default: 'large' });
  });
});

test('a condition that no rows can say is kept as it came; one of several is rows', () => {
  const profile = shipped('three-key-contact');
  const [first, ...rest] = profile.parameters;
  const one = { parameter: rest[0].key, in: ['a'] };
  for (const appliesWhen of [{ not: one }, { all: [one, one] }, { any: [one] }, { all: [{ not: one }] }]) {
    const changed = { ...profile, parameters: [{ ...first, appliesWhen }, ...rest] } as AnyProfile;
    expect(profileOf(draftOf(changed)).profile?.parameters[0].appliesWhen).toEqual(appliesWhen);
  }
});

test.each<[FamilyName, string, string, string]>([
  ['metering', 'rate.manual', 'L/h', 'bar'],
  ['pool', 'program.speed', '%', 'L/h'],
  ['drive', 'set', 'psi', 'm³/h'],
  ['circulator', 'head', 'm', '%'],
])('%s: units that %s can have are offered', (family, role, has, hasNot) => {
  const units = unitsFor(family, role);
  expect(units).toContain(has);
  expect(units).not.toContain(hasNot);
  expect(unitsFor(family, 'none')).toEqual([]);
});
