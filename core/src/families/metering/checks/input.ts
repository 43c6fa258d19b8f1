import type { CheckInput as Shared } from '../../parts/check-input';
import type { MeteringContext } from '../settings/context';
import type { MeteringRole } from '../settings/roles';
import type { MeteringSettings } from '../settings/understand';
import type { SettingValues } from '../../../profile';

/** What every check of settings is given. */
export interface CheckInput extends Shared<MeteringContext, MeteringSettings, MeteringRole> {
  readonly values: SettingValues;
}
