import type { CirculatorKind } from '@barythm/core/families/circulator';
import type { FamilyScreens } from '../../family-screens';
import { BEHAVIOURS_FORM } from './behaviours-form';

/** How a circulator’s controller is described by its user. */
export const describe: FamilyScreens<CirculatorKind>['describe'] = {
  label: 'A circulator',
  groups: 'mode | Mode\ninputs | Inputs\naccess | Access and power',
  form: BEHAVIOURS_FORM,
};
