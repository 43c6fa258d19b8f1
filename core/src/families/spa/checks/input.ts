import type { CheckInput as Shared } from '../../parts/check-input';
import type { SpaContext } from '../settings/context';
import type { SpaRole } from '../settings/roles';
import type { SpaSettings } from '../settings/understand';
import type { TableRow } from '../wire/table';

/** What every check of settings is given. */
export interface CheckInput extends Shared<SpaContext, SpaSettings, SpaRole> {
  /** the row that it stands at; null where that is not known or not there */
  readonly row: TableRow | null;
}
