import type { JobKindOf, JobOf } from '../../../visit';
import type { PoolBehaviours } from './behaviours';
import type { PoolDuty } from './duty';
import type { PoolPlate } from './plate';
import type { PoolRecord } from './records';

/** What jobs at pool pumps and panels hold. */
export type PoolJobKind = JobKindOf<PoolDuty, PoolPlate, PoolBehaviours, PoolRecord>;

export type PoolProfile = PoolJobKind['profile'];
export type PoolJob = JobOf<PoolJobKind>;
