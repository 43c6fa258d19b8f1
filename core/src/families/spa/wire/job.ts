import type { ProfileOf } from '../../../profile';
import type { JobKind, JobOf } from '../../../visit';
import type { SpaBehaviours } from './behaviours';
import type { SpaDuty } from './duty';
import type { SpaPlate } from './plate';
import type { SpaRecord } from './records';

/** What jobs at spa packs hold. */
export interface SpaJobKind extends JobKind {
  readonly duty: SpaDuty;
  readonly plate: SpaPlate;
  readonly profile: ProfileOf<SpaBehaviours>;
  readonly record: SpaRecord;
}

export type SpaProfile = SpaJobKind['profile'];
export type SpaJob = JobOf<SpaJobKind>;
