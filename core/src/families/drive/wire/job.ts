import type { ProfileOf } from '../../../profile';
import type { JobKind, JobOf } from '../../../visit';
import type { DriveBehaviours } from './behaviours';
import type { DriveDuty } from './duty';
import type { DrivePlate } from './plate';
import type { DriveRecord } from './records';

/** What jobs at pressure drives and booster sets hold. */
export interface DriveJobKind extends JobKind {
  readonly duty: DriveDuty;
  readonly plate: DrivePlate;
  readonly profile: ProfileOf<DriveBehaviours>;
  readonly record: DriveRecord;
}

export type DriveProfile = DriveJobKind['profile'];
export type DriveJob = JobOf<DriveJobKind>;
