import type { JobKindOf, JobOf } from '../../../visit';
import type { CirculatorBehaviours } from './behaviours';
import type { CirculatorDuty } from './duty';
import type { CirculatorPlate } from './plate';
import type { CirculatorRecord } from './records';

/** What jobs at circulators hold. */
export type CirculatorJobKind = JobKindOf<
  CirculatorDuty,
  CirculatorPlate,
  CirculatorBehaviours,
  CirculatorRecord
>;

export type CirculatorProfile = CirculatorJobKind['profile'];
export type CirculatorJob = JobOf<CirculatorJobKind>;
