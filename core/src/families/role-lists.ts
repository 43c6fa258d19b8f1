import type { FamilyName } from './kinds';
import { METERING_OPTION_ROLES, METERING_ROLES } from './metering/roles';
import { placeOfOption, POOL_OPTION_ROLES, POOL_ROLES } from './pool/roles';

const ROLES: Readonly<Record<FamilyName, readonly string[]>> = { metering: METERING_ROLES, pool: POOL_ROLES };
const OPTION_ROLES: Readonly<Record<FamilyName, readonly string[]>> = {
  metering: METERING_OPTION_ROLES,
  pool: POOL_OPTION_ROLES,
};

/** The closed list of meanings that a family's parameters can have. */
export function rolesOfFamily(family: FamilyName): readonly string[] {
  return ROLES[family];
}

/** Whether a choice can have this meaning in a family; a panel's circuits are counted, `circuit.3`. */
export function isOptionRole(family: FamilyName, role: string): boolean {
  return OPTION_ROLES[family].includes(role) || (family === 'pool' && placeOfOption(role) !== null);
}
