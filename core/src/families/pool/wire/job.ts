import type { ProfileOf } from '../../../profile';
import type { JobKind, JobOf } from '../../../visit';
import type { PoolBehaviours } from './behaviours';
import type { PoolDuty } from './duty';
import type { PoolPlate } from './plate';
import type { PoolRecord } from './records';

/** What jobs at pool pumps and panels hold. */
export interface PoolJobKind extends JobKind {
  readonly duty: PoolDuty;
  readonly plate: PoolPlate;
  readonly profile: ProfileOf<PoolBehaviours>;
  readonly record: PoolRecord;
}

export type PoolProfile = PoolJobKind['profile'];
export type PoolJob = JobOf<PoolJobKind>;
