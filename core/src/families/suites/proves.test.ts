import { offeredChecks } from '../../job';
import { Walk } from '../../job/testing/walk.fixtures';
import { addressOf, inOrderOfWork, rolesIn } from '../../profile';
import { FAMILY_NAMES, familyOf, rolesOfFamily } from '../index';
import { another, delivered } from './delivered.fixtures';
import { SHIPPED } from './shipped.fixtures';

/** What is tried again after a setting was changed: every name in a family's table is of a role and of checks that it has. */

const KEYS = new Map<string, Set<string>>();
for (const profile of SHIPPED) {
  const family = familyOf(profile.family);
  for (const { duty, plate } of family.examples(profile)) {
    const walk = new Walk({ profile, duty, plate });
    walk.arrive();
    walk.found(delivered(profile));
    walk.plan();
    walk.acceptStops();
    walk.set();
    const known = KEYS.get(profile.family) ?? new Set<string>();
    for (const { key } of offeredChecks(walk.view)) known.add(key);
    KEYS.set(profile.family, known);
  }
}

test.each(FAMILY_NAMES)(
  '%s: its roles and its checks, and at least half of what it can be proved by',
  (name) => {
    const { proves } = familyOf(name).proof;
    const keys = [...KEYS.get(name)!];
    const roles = new Set(rolesOfFamily(name));
    const begins = (key: string, begin: string) => key === begin || key.startsWith(`${begin}-`);
    for (const [role, checks] of Object.entries(proves)) {
      expect([role, roles.has(role)]).toEqual([role, true]);
      for (const begin of checks)
        expect([role, begin, keys.some((key) => begins(key, begin))]).toEqual([role, begin, true]);
    }
    const own = keys.filter((key) => !/^(seen|alarm)-/.test(key));
    const reached = own.filter((key) =>
      Object.values(proves).some((all) => all.some((one) => begins(key, one))),
    );
    expect(reached.length).toBeGreaterThan(own.length / 2);
  },
);

/** A guard is the last thing to be changed without being tripped once. */
const GUARDS = /^(dry\.|frost\.|stop\.kind|alarm\.high|power\.after-cut)/;

test.each(SHIPPED.map((profile) => [`${profile.id} ${profile.version}`, profile] as const))(
  '%s: a guard that was changed by hand is tried again, where this pump offers that',
  (_name, profile) => {
    const family = familyOf(profile.family);
    const [{ duty, plate }] = family.examples(profile);
    const found = delivered(profile);
    for (const parameter of inOrderOfWork(profile).filter((one) =>
      rolesIn(one).some((role) => GUARDS.test(role)),
    )) {
      const value = another(parameter, found);
      if (value === null) continue;
      const walk = new Walk({ profile, duty, plate, small: true });
      walk.choose(addressOf(parameter), value);
      walk.arrive();
      walk.found(found);
      walk.acceptStops();
      walk.set();
      const whole = new Walk({ profile, duty, plate });
      whole.arrive();
      whole.found({ ...found, [parameter.key]: value });
      const all = offeredChecks(whole.view).map(({ key }) => key);
      const wanted = rolesIn(parameter).flatMap((role) => family.proof.proves[role] ?? []);
      const touched = offeredChecks(walk.view).map(({ key }) => key);
      for (const begin of wanted)
        expect([parameter.key, touched.filter((key) => key.startsWith(begin))]).toEqual([
          parameter.key,
          all.filter((key) => key.startsWith(begin)),
        ]);
    }
  },
);
