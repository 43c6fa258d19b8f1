import type { Family } from '../family';
import { checkPlan, checkSettings } from './checks';
import { poolDutySchema } from './duty';
import { planPool } from './plan';
import type { PoolPlan } from './plan-draft';
import { judgeCheck } from './proof-patterns';
import { proofChecks } from './proofs';
import { POOL_REASONS } from './reasons';
import { POOL_OPTION_ROLES, POOL_ROLES } from './roles';
import { understand } from './settings';
import { POOL_TEXTS } from './texts';

export const poolFamily: Family<'pool', PoolPlan> = {
  name: 'pool',
  roles: POOL_ROLES,
  optionRoles: POOL_OPTION_ROLES,
  dutySchema: poolDutySchema,
  understand,
  plan: planPool,
  checkPlan,
  checkSettings,
  proofChecks,
  judgeCheck,
  // its states (automatic, manual, hold) have no settings of their own
  rolesOfMode: () => [],
  texts: POOL_TEXTS,
  reasons: POOL_REASONS,
};
