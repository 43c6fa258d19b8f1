import type { ViewOf } from '../view';
import type { TransferContext } from './settings/context';
import type { TransferSettings } from './settings/understand';
import type { TransferJobKind } from './wire/job';

/** What pumps that empty a vessel work with. */
export interface TransferKind extends TransferJobKind {
  readonly context: TransferContext;
  readonly settings: TransferSettings;
  /** its float is proved by checks */
  readonly reading: never;
}

export type TransferView = ViewOf<TransferKind>;
