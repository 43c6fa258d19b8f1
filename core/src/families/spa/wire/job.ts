import type { JobKindOf, JobOf } from '../../../visit';
import type { SpaBehaviours } from './behaviours';
import type { SpaDuty } from './duty';
import type { SpaPlate } from './plate';
import type { SpaRecord } from './records';

/** What jobs at spa packs hold. */
export type SpaJobKind = JobKindOf<SpaDuty, SpaPlate, SpaBehaviours, SpaRecord>;

export type SpaProfile = SpaJobKind['profile'];
export type SpaJob = JobOf<SpaJobKind>;
