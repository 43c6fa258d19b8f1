import type { ProfileOf } from '../../../profile';
import type { JobKind, JobOf } from '../../../visit';
import type { MeteringBehaviours } from './behaviours';
import type { MeteringDuty } from './duty';
import type { MeteringPlate } from './plate';
import type { MeteringRecord } from './records';

/** What jobs at metering and dosing pumps hold. */
export interface MeteringJobKind extends JobKind {
  readonly duty: MeteringDuty;
  readonly plate: MeteringPlate;
  readonly profile: ProfileOf<MeteringBehaviours>;
  readonly record: MeteringRecord;
}

export type MeteringProfile = MeteringJobKind['profile'];
export type MeteringJob = JobOf<MeteringJobKind>;
