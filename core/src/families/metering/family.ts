import type { Family } from '../family';
import { checkPlan, checkSettings } from './checks';
import { meteringDutySchema } from './duty';
import { planMetering, type MeteringPlan } from './plan';
import { judgeCheck } from './judge-check';
import { proofChecks } from './proof-checks';
import { REASONS } from './reasons';
import { METERING_OPTION_ROLES, METERING_ROLES, ROLES_OF_MODE, type MeteringMode } from './roles';
import { understand } from './settings';
import { METERING_TEXTS } from './texts';

export const meteringFamily: Family<'metering', MeteringPlan> = {
  name: 'metering',
  roles: METERING_ROLES,
  optionRoles: METERING_OPTION_ROLES,
  dutySchema: meteringDutySchema,
  understand,
  plan: planMetering,
  checkPlan,
  checkSettings,
  proofChecks,
  judgeCheck,
  rolesOfMode: (option) => ROLES_OF_MODE[option.replace('mode.', '') as MeteringMode] ?? [],
  texts: METERING_TEXTS,
  reasons: REASONS,
};
