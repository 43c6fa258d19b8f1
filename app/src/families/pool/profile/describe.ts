import type { PoolKind } from '@barythm/core/families/pool';
import type { FamilyScreens } from '../../family-screens';
import { BEHAVIOURS_FORM } from './behaviours-form';

/** How a pool pump’s controller is described by its user. */
export const describe: FamilyScreens<PoolKind>['describe'] = {
  label: 'A pool pump or panel',
  groups:
    'motor | Motor and limits\nprograms | Programs | 4 × Program\nprime | Priming\nfrost | Frost guard\naccess | Clock, access, power',
  form: BEHAVIOURS_FORM,
};
