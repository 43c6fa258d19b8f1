import type { JobKindOf, JobOf } from '../../../visit';
import type { MeteringBehaviours } from './behaviours';
import type { MeteringDuty } from './duty';
import type { MeteringPlate } from './plate';
import type { MeteringRecord } from './records';

/** What jobs at metering and dosing pumps hold. */
export type MeteringJobKind = JobKindOf<MeteringDuty, MeteringPlate, MeteringBehaviours, MeteringRecord>;

export type MeteringProfile = MeteringJobKind['profile'];
export type MeteringJob = JobOf<MeteringJobKind>;
