import type { TransferKind } from '@barythm/core/families/transfer';
import type { FamilyScreens } from '../../family-screens';
import { BEHAVIOURS_FORM } from './behaviours-form';

/** How such a controller is described by its user. */
export const describe: FamilyScreens<TransferKind>['describe'] = {
  label: 'A vessel-emptying pump',
  groups: 'kinds | Kinds\nplate | Plate\nspeeds | Speeds\ncontrol | Control\ntimes | Times and guards',
  form: BEHAVIOURS_FORM,
};
