import type { MeteringKind } from '@barythm/core/families/metering';
import type { FamilyScreens } from '../../family-screens';
import { BEHAVIOURS_FORM } from './behaviours-form';

/** How a metering pump’s controller is described by its user. */
export const describe: FamilyScreens<MeteringKind>['describe'] = {
  label: 'A metering pump',
  groups: 'drive | Drive and stroke\nmode | Mode\nsignal | Signal',
  form: BEHAVIOURS_FORM,
};
