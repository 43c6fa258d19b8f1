import { unitFits, wrongUnit, type Parameter } from '../profile';
import { INTERNAL_UNIT } from '../units';
import { familyOf, type FamilyName } from './all';

/** The closed list of meanings that a family's parameters can have. */
export function rolesOfFamily(family: FamilyName): readonly string[] {
  return familyOf(family).roles;
}

/** Whether a choice can have this meaning in a family. */
export function isOptionRole(family: FamilyName, role: string): boolean {
  return familyOf(family).isOptionRole(role);
}

/** What is wrong with a parameter's unit for its role, in words; null where it is one that its figure is measured in. */
export function roleUnitFault(family: FamilyName, parameter: Parameter): string | null {
  const { role, unit = '' } = parameter;
  if (role === undefined || parameter.type !== 'number') return null;
  const { quantities, unitFault } = familyOf(family);
  const fault = unitFault(parameter);
  if (fault !== undefined) return fault;
  const q = quantities[role];
  return q === undefined || unitFits(parameter, q) ? null : wrongUnit(unit, INTERNAL_UNIT[q]);
}

/** What is wrong with what a choice settles besides, in words: a meaning of another setting, or a figure where there is one; null where nothing is. */
export function besidesFault(family: FamilyName, role: string, means: string | number): string | null {
  if (!rolesOfFamily(family).includes(role)) return `“${role}” is no role of a ${family} pump.`;
  if (typeof means === 'number')
    return familyOf(family).quantities[role] === undefined ? `“${role}” holds no figure.` : null;
  return optionRolesOf(family, role).includes(means) ? null : `“${means}” is no choice of “${role}”.`;
}

/** A meaning in words; the meaning itself where a family has no such word. */
export function roleInWords(family: FamilyName, role: string): string {
  return familyOf(family).roleWords[role] ?? role;
}

/** What the options of a parameter with this role can mean, in the order in which the table has them; none where it takes any. */
export function optionRolesOf(family: FamilyName, role: string): readonly string[] {
  const { meanings, roleWords, isOptionRole } = familyOf(family);
  const own = meanings[role];
  if (!Array.isArray(own)) return [];
  // places that are counted (`circuit.3`) stand in the words alone
  const begins = new Set(own.map((one: string) => one.split('.')[0]));
  const counted = Object.keys(roleWords).filter(
    (one) => /\.\d+$/.test(one) && begins.has(one.split('.')[0]) && isOptionRole(one),
  );
  return [...own, ...counted];
}
