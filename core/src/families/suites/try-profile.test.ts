import type { AnyProfile } from '../all';
import { familyOf, FAMILY_NAMES } from '../all';
import { optionRolesOf } from '../roles';
import { tryProfile, works } from '../try-profile';
import { SHIPPED } from './shipped.fixtures';

const named = SHIPPED.map((profile) => [profile.id, profile] as const);

test.each(named)('%s: a plan works with it on a usual pump of its family', (_, profile) => {
  const tried = tryProfile(profile);
  expect(tried.filter(works).length).toBeGreaterThan(0);
  for (const { title, sets, lacks, why } of tried) {
    expect([title, why, sets === null]).toEqual([title, null, false]);
    // in words, never by a key
    for (const words of [...(sets ?? []), ...lacks]) expect(words).toMatch(/^[A-Z0-9]/);
  }
});

const without = (profile: AnyProfile, gone: (role: string) => boolean): AnyProfile =>
  ({
    ...profile,
    parameters: profile.parameters
      .filter(({ role }) => role === undefined || !gone(role))
      .map(({ options, ...parameter }) => ({
        ...parameter,
        ...(options && {
          options: options.map(({ also, ...option }) => ({ ...option, ...kept(also, gone) })),
        }),
      })),
  }) as AnyProfile;

/** What a choice settles besides, but for what is gone. */
function kept(also: Record<string, string | number> | undefined, gone: (role: string) => boolean): object {
  const left = Object.entries(also ?? {}).filter(([role]) => !gone(role));
  return left.length === 0 ? {} : { also: Object.fromEntries(left) };
}

test.each(named)('%s: without what its mode is set with, no plan works with it', (_, profile) => {
  const family = familyOf(profile.family);
  const mode = family.modeRole ?? 'mode';
  const driving = new Set(family.optionRoles.flatMap((option) => family.rolesOfMode(option)));
  const left = without(profile, (role) => role !== mode && driving.has(role));
  // a family whose modes drive nothing by themselves, and a controller that has one mode only
  if (driving.size === 0 || !profile.parameters.some(({ role }) => role === mode)) return;
  const before = tryProfile(profile);
  const after = tryProfile(left);
  expect(after.flatMap(({ lacks }) => lacks).length).toBeGreaterThan(
    before.flatMap(({ lacks }) => lacks).length,
  );
});

test('a choice without the meaning that the plan chooses is said by what it is', () => {
  const pump = SHIPPED.find(({ id }) => id === 'two-point-soft-keys') as AnyProfile;
  const parameters = pump.parameters.map((parameter) => ({
    ...parameter,
    options: parameter.options?.filter(({ role }) => role !== 'after-cut.resume'),
  }));
  const lacks = tryProfile({ ...pump, parameters } as AnyProfile).flatMap((tried) => tried.lacks);
  expect(lacks).toContain('Starts again by itself when power is restored');
});

describe.each(FAMILY_NAMES)('the meanings of a %s controller', (name) => {
  const { roles, optionRoles, roleWords, meanings } = familyOf(name);
  test('each has words, and no two of a list have the same', () => {
    for (const role of [...roles, ...optionRoles])
      expect([role, roleWords[role]?.length > 2]).toEqual([role, true]);
    const said = roles.map((role) => roleWords[role]);
    expect(new Set(said).size).toBe(said.length);
    for (const role of roles) {
      const options = optionRolesOf(name, role).map((option) => roleWords[option]);
      expect([role, new Set(options).size]).toEqual([role, options.length]);
      const own = meanings[role];
      if (Array.isArray(own)) expect(options.length).toBeGreaterThanOrEqual(own.length);
    }
  });
  test('no word stands for a meaning that there is not', () => {
    const known = new Set([...roles, ...optionRoles]);
    const astray = Object.keys(roleWords).filter(
      (role) => !known.has(role) && !familyOf(name).isOptionRole(role),
    );
    expect(astray).toEqual([]);
  });
});
