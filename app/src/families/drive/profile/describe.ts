import type { DriveKind } from '@barythm/core/families/drive';
import type { FamilyScreens } from '../../family-screens';
import { BEHAVIOURS_FORM } from './behaviours-form';

/** How a drive’s controller is described by its user. */
export const describe: FamilyScreens<DriveKind>['describe'] = {
  label: 'A pressure drive',
  groups:
    'control | Control\nmotor | Motor\nsensor | Sensor\nset | Set value\nstop | Start and stop\nguard | Low water\nmore | More pumps\naccess | Access and power',
  form: BEHAVIOURS_FORM,
};
