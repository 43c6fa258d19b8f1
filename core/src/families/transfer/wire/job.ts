import type { JobKindOf, JobOf } from '../../../visit';
import type { TransferBehaviours } from './behaviours';
import type { TransferDuty } from './duty';
import type { TransferPlate } from './plate';
import type { TransferRecord } from './records';

/** What jobs at pumps that empty a vessel hold. */
export type TransferJobKind = JobKindOf<TransferDuty, TransferPlate, TransferBehaviours, TransferRecord>;

export type TransferProfile = TransferJobKind['profile'];
export type TransferJob = JobOf<TransferJobKind>;
