import { formOf } from '../../../describe';
import { CLOCK_KEYS, CONTROLLER } from '../../parts/controller/controller-part';
import { CHOOSE_WORDS } from '../../parts/controller/words';
import { circulatorBehavioursSchema } from '../wire/behaviours';

const says = () => '';

/** What a circulator's controller does by itself. */
export const BEHAVIOURS_FORM = formOf(circulatorBehavioursSchema, {
  parts: [
    { name: 'modes', title: 'How it behaves', says, asks: ['modes', 'proportional', 'self'] },
    {
      name: 'wiring',
      title: 'Inputs and links',
      says,
      asks: ['contact', 'wiringChangesMode', 'protocols', 'faultContact'],
    },
    { name: 'power', title: 'Power and clock', says, asks: ['afterPowerCut', ...CLOCK_KEYS] },
    CONTROLLER,
  ],
  start: { modes: ['fixed'], protocols: [], proportional: null },
  words: CHOOSE_WORDS,
});
