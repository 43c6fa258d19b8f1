import type { ProfileOf } from '../../../profile';
import type { JobKind, JobOf } from '../../../visit';
import type { TransferBehaviours } from './behaviours';
import type { TransferDuty } from './duty';
import type { TransferPlate } from './plate';
import type { TransferRecord } from './records';

/** What jobs at pumps that empty a vessel hold. */
export interface TransferJobKind extends JobKind {
  readonly duty: TransferDuty;
  readonly plate: TransferPlate;
  readonly profile: ProfileOf<TransferBehaviours>;
  readonly record: TransferRecord;
}

export type TransferProfile = TransferJobKind['profile'];
export type TransferJob = JobOf<TransferJobKind>;
