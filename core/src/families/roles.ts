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
  if (fault !== null) return fault;
  const q = quantities[role];
  return q === undefined || unitFits(parameter, q) ? null : wrongUnit(unit, INTERNAL_UNIT[q]);
}
