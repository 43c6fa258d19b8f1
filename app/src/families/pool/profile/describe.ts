import type { PoolKind } from '@barythm/core/families/pool';
import type { FamilyScreens } from '../../family-screens';
import { BLANK_POOL_BEHAVIOURS, poolBehaviourTexts, readPoolBehaviours } from './pool-behaviours';
import { PoolBehavioursCard } from './pool-behaviours-card';

/** What is left open. */
const WORDS: Readonly<Record<string, string>> = {
  invalid_value: 'Choose one.',
  invalid_type: 'This is needed.',
  too_small: 'This is needed.',
};

/** How a pool pump’s controller is described by its user. */
export const describe: FamilyScreens<PoolKind>['describe'] = {
  label: 'A pool pump or panel',
  groups:
    'motor | Motor and limits\nprograms | Programs | 4 × Program\nprime | Priming\nfrost | Frost guard\naccess | Clock, access, power',
  blank: BLANK_POOL_BEHAVIOURS,
  texts: poolBehaviourTexts,
  read: readPoolBehaviours,
  Card: PoolBehavioursCard,
  placeOf: (path) => path.join('.'),
  wordsOf: (code) => WORDS[code] ?? null,
};
