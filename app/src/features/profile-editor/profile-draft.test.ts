import { familyOf, type AnyProfile, type FamilyName } from '@barythm/core/families';
import { textAt, type Texts, withText } from '@barythm/core/describe';
import { unitsFor } from './offered';
import { blankDraft, copyOf, draftOf, habitsOf, type ProfileDraft } from './profile-draft';
import { profileOf } from './read-profile';
import { SHIPPED, shipped } from '@barythm/core/families/suites/shipped.fixtures';

/** What is left out and what is set to no are the same habit. */
const plainly = (profile: AnyProfile | null) =>
  profile && {
    ...profile,
    behaviours: Object.fromEntries(
      Object.entries(profile.behaviours).filter(([, value]) => value !== false && value !== undefined),
    ),
  };

test.each(SHIPPED.map((profile) => [profile.id, profile] as const))(
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

test('the currents that a maker wants a pump proved at are not lost by a copy', () => {
  const profile = { ...shipped('two-point-soft-keys') };
  const asked = { ...profile.behaviours, proofPoints_mA: [4, 12, 20] } as typeof profile.behaviours;
  const copy = profileOf(draftOf({ ...profile, behaviours: asked } as typeof profile));
  expect(copy.profile?.behaviours).toMatchObject({ proofPoints_mA: [4, 12, 20] });
});

test('a condition that no rows can say is kept as it came; one of several is rows', () => {
  const profile = shipped('three-key-contact');
  const [first, ...rest] = profile.parameters;
  const by = rest.find(({ type }) => type === 'choice');
  const one = { parameter: by?.key ?? '', in: [by?.options?.[0].value ?? ''] };
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
