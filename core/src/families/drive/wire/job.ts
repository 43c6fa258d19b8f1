import type { JobKindOf, JobOf } from '../../../visit';
import type { DriveBehaviours } from './behaviours';
import type { DriveDuty } from './duty';
import type { DrivePlate } from './plate';
import type { DriveRecord } from './records';

/** What jobs at pressure drives and booster sets hold. */
export type DriveJobKind = JobKindOf<DriveDuty, DrivePlate, DriveBehaviours, DriveRecord>;

export type DriveProfile = DriveJobKind['profile'];
export type DriveJob = JobOf<DriveJobKind>;
