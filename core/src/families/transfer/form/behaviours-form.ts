import { formOf } from '../../../describe';
import { CHOOSE_WORDS } from '../../parts/controller/words';
import { CLOCK_KEYS, CONTROLLER } from '../../parts/controller/controller-part';
import { transferBehavioursSchema } from '../wire/behaviours';

/** What such a controller does by itself. */
export const BEHAVIOURS_FORM = formOf(transferBehavioursSchema, {
  parts: [
    {
      name: 'ways',
      title: 'How it behaves',
      says: () => '',
      asks: ['controls', 'backDrops', 'averages_min', 'discharge_min', 'afterPowerCut', ...CLOCK_KEYS],
    },
    CONTROLLER,
  ],
  start: { controls: ['level'] },
  words: CHOOSE_WORDS,
});
