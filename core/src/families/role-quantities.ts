import { unitFits, type Parameter, type RoleQuantities } from '../profile';
import { INTERNAL_UNIT, type Quantity } from '../units';
import { METERING_QUANTITIES, RATE_ROLES } from './metering/roles';
import { POOL_QUANTITIES, SPEED_ROLES } from './pool/roles';

/** What the figure of any family's role measures, for reading what is typed. Rates and speeds go by the parameter's own unit. */
export const ROLE_QUANTITIES: RoleQuantities = { ...METERING_QUANTITIES, ...POOL_QUANTITIES };

/** What is wrong with a parameter's unit for its role, in words; null where it is one that its figure is measured in. */
export function roleUnitFault(parameter: Parameter): string | null {
  const { role, unit = '' } = parameter;
  if (role === undefined || parameter.type !== 'number') return null;
  const q = ROLE_QUANTITIES[role];
  const fits = (quantity: Quantity) => unitFits(parameter, quantity);
  const wrong = (like: string) => `“${unit}” is no unit of this meaning: use one such as ${like}.`;
  if ((RATE_ROLES as readonly string[]).includes(role)) {
    return fits('strokeRate') || fits('pumpFlow') ? null : wrong('strokes/min or L/h');
  }
  if ((SPEED_ROLES as readonly string[]).includes(role)) {
    return fits('speed') || unit === '%' ? null : wrong('rev/min or %');
  }
  return q === undefined || fits(q) ? null : wrong(INTERNAL_UNIT[q]);
}
