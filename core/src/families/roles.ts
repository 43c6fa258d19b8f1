import { unitFits, wrongUnit, type Parameter, type RoleQuantities } from '../profile';
import { INTERNAL_UNIT } from '../units';
import { FAMILIES, familyOf, type FamilyName } from './all';

/** The closed list of meanings that a family's parameters can have. */
export function rolesOfFamily(family: FamilyName): readonly string[] {
  return familyOf(family).roles;
}

/** Whether a choice can have this meaning in a family. */
export function isOptionRole(family: FamilyName, role: string): boolean {
  return familyOf(family).isOptionRole(role);
}

const ALL = Object.values(FAMILIES);

/** What the figure of any family's role measures, for reading what is typed. Rates and speeds go by the parameter's own unit. */
export const ROLE_QUANTITIES: RoleQuantities = Object.assign({}, ...ALL.map(({ quantities }) => quantities));

/** What is wrong with a parameter's unit for its role, in words; null where it is one that its figure is measured in. */
export function roleUnitFault(parameter: Parameter): string | null {
  const { role, unit = '' } = parameter;
  if (role === undefined || parameter.type !== 'number') return null;
  for (const family of ALL) {
    const fault = family.unitFault(parameter);
    if (fault !== null) return fault;
  }
  const q = ROLE_QUANTITIES[role];
  return q === undefined || unitFits(parameter, q) ? null : wrongUnit(unit, INTERNAL_UNIT[q]);
}
