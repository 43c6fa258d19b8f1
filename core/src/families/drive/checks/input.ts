import type { CheckInput as Shared } from '../../parts/check-input';
import type { DriveContext } from '../settings/context';
import type { DriveRole } from '../settings/roles';
import type { DriveSettings } from '../settings/understand';
import type { DrivenPump } from '../effect/pump';
import type { SettingValues } from '../../../profile';

/** What every check of settings is given. */
export interface CheckInput extends Shared<DriveContext, DriveSettings, DriveRole> {
  readonly pump: DrivenPump;
  readonly values: SettingValues;
}
