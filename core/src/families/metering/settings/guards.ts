import { guardsOf } from '../../parts/guard';
import type { MeteringRole } from './roles';

/** Settings whose change can hurt, and what of the duty they are held against. */
export const METERING_GUARDS = guardsOf<MeteringRole>(
  [['dry.reaction'], 'any', []],
  [['stop.kind'], 'any', ['place.stopContact']],
  [['access.lock'], 'any', ['place.othersReachKeys']],
  [['power.after-cut'], 'any', ['place.interlocked', 'place.switchedByMains']],
  [['fault.after'], 'any', ['place.interlocked']],
);
