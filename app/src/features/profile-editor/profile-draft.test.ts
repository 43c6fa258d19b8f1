import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { profileSchema } from '@barythm/core/profile';
import { BLANK_BEHAVIOURS } from './behaviour-texts';
import { BLANK_PARAMETER, draftOf, profileOf, type ProfileDraft } from './profile-draft';

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

const blank: ProfileDraft = {
  id: '',
  version: '1',
  name: '',
  about: '',
  family: 'metering',
  groups: '',
  parameters: [],
  behaviours: BLANK_BEHAVIOURS,
  poolBehaviours: '',
};

test('from blank: everything that is missing is said at its own place', () => {
  const { profile, errors } = profileOf(blank);
  expect(profile).toBeNull();
  expect(errors).toMatchObject({
    id: expect.stringContaining('Lower-case letters'),
    name: 'The profile needs a name.',
    groups: 'At least one group: key | label.',
    parameters: 'At least one parameter.',
    'behaviours.priming': expect.stringContaining('Say what priming does'),
    'behaviours.greatestRate': 'This is needed.',
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
  ['limits crossed', withParameter({ least: '200' }), 'parameters.2.least', 'above the greatest'],
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
    { ...good, behaviours: { ...good.behaviours, greatestRate: 'A=fast' } },
    'behaviours.greatestRate',
    'not a figure',
  ],
])('%s is said at its field', (_, draft, place, words) => {
  const { profile, errors } = profileOf(draft);
  expect(profile).toBeNull();
  expect(errors[place]).toContain(words);
});
