import type { SpaKind } from '@barythm/core/families/spa';
import type { FamilyScreens } from '../../family-screens';
import { BEHAVIOURS_FORM } from './behaviours-form';

/** How a pack with its panel is described by its user. */
export const describe: FamilyScreens<SpaKind>['describe'] = {
  label: 'A spa pack',
  groups:
    'number | Number\nbank | Switches | 8 × Switch\nheat | Heat\ncycles | Filter cycles | 2 × Cycle\npanel | Panel',
  form: BEHAVIOURS_FORM,
};
