import type { ProfileOf } from '../../../profile';
import type { JobKind, JobOf } from '../../../visit';
import type { CirculatorBehaviours } from './behaviours';
import type { CirculatorDuty } from './duty';
import type { CirculatorPlate } from './plate';
import type { CirculatorRecord } from './records';

/** What jobs at circulators hold. */
export interface CirculatorJobKind extends JobKind {
  readonly duty: CirculatorDuty;
  readonly plate: CirculatorPlate;
  readonly profile: ProfileOf<CirculatorBehaviours>;
  readonly record: CirculatorRecord;
}

export type CirculatorProfile = CirculatorJobKind['profile'];
export type CirculatorJob = JobOf<CirculatorJobKind>;
