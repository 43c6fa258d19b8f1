import type { CheckInput as Shared } from '../../parts/check-input';
import type { PumpOut } from '../effect/pump';
import type { TransferContext } from '../settings/context';
import type { TransferRole } from '../settings/roles';
import type { TransferSettings } from '../settings/understand';

/** What every check of settings is given. */
export interface CheckInput extends Shared<TransferContext, TransferSettings, TransferRole> {
  readonly pump: PumpOut;
}
