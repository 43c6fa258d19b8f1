import { guardsOf } from '../../parts/guard';
import type { PoolRole } from './roles';

/** Settings whose change can hurt, and what of the duty they are held against. */
export const POOL_GUARDS = guardsOf<PoolRole>(
  [['heat.pool', 'heat.tub'], 'up', ['heat.warmest_C']],
  [['heat.after-run'], 'down', ['heat.afterRun_min']],
  [['hold.time'], 'up', ['longestPause_min']],
  [['prime.mode', 'prime.time', 'prime.sensitivity'], 'any', []],
  [['access.password', 'access.time-out'], 'any', ['place.othersReach']],
  [['link.address'], 'any', ['otherAddresses']],
  [['pump.kind'], 'any', []],
);
