import { MOTOR, TWO_POINT } from '../families/metering/fixtures';
import { METERING_OPTION_ROLES, METERING_ROLES } from '../families/metering';
import { applies, contentHash, faultOf, limitFor, type Profile } from './index';
import { profileSchema } from '../families';

const broken = (change: (profile: Profile) => unknown) => {
  const copy = structuredClone(MOTOR) as Profile;
  change(copy);
  const parsed = profileSchema.safeParse(copy);
  return parsed.success
    ? []
    : parsed.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`);
};

test('the shipped profiles keep to the family’s closed list of roles', () => {
  for (const parameter of [...MOTOR.parameters, ...TWO_POINT.parameters]) {
    if (parameter.role) expect(METERING_ROLES).toContain(parameter.role);
    for (const option of parameter.options ?? []) {
      if (option.role) expect(METERING_OPTION_ROLES).toContain(option.role);
    }
  }
});

test.each([
  [
    'a key twice',
    (p: Profile) => (p.parameters[1].key = 'gear'),
    'parameters.1.key: The key “gear” stands twice.',
  ],
  ['an unknown group', (p: Profile) => (p.parameters[0].group = 'x'), 'There is no group “x”.'],
  [
    'a limit by nothing',
    (p: Profile) => (p.parameters[1].greatest = { by: 'y', values: {} }),
    'There is no parameter “y”.',
  ],
  ['a choice of none', (p: Profile) => (p.parameters[0].options = []), 'A choice needs at least one option.'],
  [
    'limits crossed',
    (p: Profile) => (p.parameters[1].least = 200),
    'The minimum value is above the maximum.',
  ],
  ['a role twice', (p: Profile) => (p.parameters[1].role = 'gear'), 'This meaning stands twice.'],
])('%s is refused at its place', (_, change, words) => {
  expect(broken(change).join('\n')).toContain(words);
});

test('limits follow the gear, and what hangs on something unknown is not judged', () => {
  const rate = MOTOR.parameters.find((parameter) => parameter.key === 'rate')!;
  expect(limitFor(rate.greatest, { gear: 'A' })).toBe(48);
  expect(limitFor(rate.greatest, {})).toBeUndefined();
  expect(faultOf(rate, 60, { gear: 'A' })).toEqual({ kind: 'above', max: 48 });
  expect(faultOf(rate, 60, {})).toBeNull();
});

test('a parameter applies by its predicate, and when the mode is not known', () => {
  const range = MOTOR.parameters.find((parameter) => parameter.key === 'range')!;
  expect(applies(range, { mode: 'ext' })).toBe(true);
  expect(applies(range, { mode: 'man' })).toBe(false);
  expect(applies(range, {})).toBe(true);
  const mode = { parameter: 'mode', in: ['man'] };
  expect(applies({ ...range, appliesWhen: { not: mode } }, { mode: 'man' })).toBe(false);
  expect(
    applies(
      { ...range, appliesWhen: { any: [mode, { parameter: 'gear', in: ['A'] }] } },
      { gear: 'A', mode: 'ext' },
    ),
  ).toBe(true);
  expect(
    applies(
      { ...range, appliesWhen: { all: [mode, { parameter: 'gear', in: ['A'] }] } },
      { gear: 'A', mode: 'ext' },
    ),
  ).toBe(false);
});

test('the hash is of the content, whatever the order of its keys', () => {
  const turned = Object.fromEntries(Object.entries(MOTOR).reverse());
  expect(contentHash(turned)).toBe(contentHash(MOTOR));
  expect(contentHash({ ...MOTOR, version: 2 })).not.toBe(contentHash(MOTOR));
});
