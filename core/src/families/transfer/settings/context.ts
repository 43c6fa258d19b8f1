import type { SettingValues } from '../../../profile';
import type { Ground } from '../../parts/ground';
import type { TransferJobKind, TransferProfile } from '../wire/job';
import type { TransferDuty } from '../wire/duty';
import type { TransferPlate } from '../wire/plate';

/** Everything that planning and checking one such pump starts from. */
export interface TransferContext {
  readonly duty: TransferDuty;
  readonly profile: TransferProfile;
  readonly plate: TransferPlate;
  /** the site's date */
  readonly today: string;
  /** what the controller holds now, as far as is known */
  readonly inForce: SettingValues;
  /** what stood before the change of another setting put it back, and was not entered since */
  readonly putBack: SettingValues;
}

export function contextOf({
  duty,
  profile,
  plate,
  today,
  inForce,
  putBack,
}: Ground<TransferJobKind>): TransferContext {
  return { duty, profile, plate, today, inForce, putBack };
}
