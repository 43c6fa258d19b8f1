import type { ProfileOf } from '../../profile';
import type { FamilyKind } from '../family';
import type { ViewOf } from '../view';
import type { TransferContext } from './settings/context';
import type { TransferSettings } from './settings/understand';
import type { TransferBehaviours } from './wire/behaviours';
import type { TransferDuty } from './wire/duty';
import type { TransferPlate } from './wire/plate';
import type { TransferRecord } from './wire/records';

/** What pumps that empty a vessel work with. */
export interface TransferKind extends FamilyKind {
  readonly duty: TransferDuty;
  readonly plate: TransferPlate;
  readonly profile: ProfileOf<TransferBehaviours>;
  readonly context: TransferContext;
  readonly settings: TransferSettings;
  readonly record: TransferRecord;
  /** its float is proved by checks */
  readonly reading: never;
}

export type TransferProfile = TransferKind['profile'];
export type TransferView = ViewOf<TransferKind>;
