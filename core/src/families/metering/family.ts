import type { Family } from '../family';
import { checkPlan, checkSettings } from './checks';
import type { MeteringContext } from './context';
import { meteringDutySchema, type MeteringDuty } from './duty';
import { planMetering, type MeteringPlan } from './plan';
import { proofPoints } from './proofs';
import { REASONS } from './reasons';
import { METERING_OPTION_ROLES, METERING_ROLES } from './roles';
import { METERING_TEXTS } from './texts';

export const meteringFamily: Family<MeteringDuty, MeteringContext, MeteringPlan> = {
  name: 'metering',
  roles: METERING_ROLES,
  optionRoles: METERING_OPTION_ROLES,
  dutySchema: meteringDutySchema,
  plan: planMetering,
  checkPlan,
  checkSettings,
  proofPoints,
  texts: METERING_TEXTS,
  reasons: REASONS,
};
