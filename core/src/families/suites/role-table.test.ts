import { inOrderOfWork } from '../../profile';
import { familyOf, FAMILY_NAMES, type AnyProfile } from '../all';
import { SHIPPED } from './shipped.fixtures';

const at = (profile: AnyProfile, key: string, role: string) => `${profile.id} ${key}: ${role}`;

test.each(SHIPPED.map((profile) => [profile.id, profile] as const))(
  '%s: an option means something that its parameter can mean',
  (_, profile) => {
    const { meanings, isOptionRole, optionRoles } = familyOf(profile.family);
    const astray = inOrderOfWork(profile).flatMap(({ key, role, options = [] }) => {
      const may = role === undefined ? [] : meanings[role];
      return options.flatMap((option) => {
        if (option.role === undefined) return [];
        // places that are counted (`circuit.3`) are in no list
        const counted = isOptionRole(option.role) && !optionRoles.includes(option.role);
        return counted || (Array.isArray(may) && may.includes(option.role))
          ? []
          : [at(profile, key, option.role)];
      });
    });
    expect(astray).toEqual([]);
  },
);

test.each(FAMILY_NAMES)(
  '%s: a role is a figure, a choice, or neither, and no meaning of an option stands alone',
  (name) => {
    const { meanings, roles, optionRoles, quantities } = familyOf(name);
    expect(Object.keys(meanings)).toEqual([...roles]);
    for (const role of roles) {
      const meaning = meanings[role];
      expect([role, quantities[role] ?? null]).toEqual([role, typeof meaning === 'string' ? meaning : null]);
      if (Array.isArray(meaning)) expect(optionRoles).toEqual(expect.arrayContaining([...meaning]));
    }
    expect(new Set(optionRoles).size).toBe(optionRoles.length);
  },
);
