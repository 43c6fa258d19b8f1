import { formOf } from '../../../describe';
import { CLOCK_KEYS, CONTROLLER } from '../../parts/controller/controller-part';
import { CHOOSE_WORDS } from '../../parts/controller/words';
import { meteringBehavioursSchema } from '../wire/behaviours';
import { broughtUp } from './earlier-behaviours';

const says = () => '';

/** What a metering pump's controller does by itself. */
export const BEHAVIOURS_FORM = formOf(meteringBehavioursSchema, {
  parts: [
    {
      name: 'drive',
      title: 'How it behaves',
      says,
      asks: ['modes', 'greatestRate_spm', 'leastRate_spm', 'smooth'],
    },
    {
      name: 'signal',
      title: 'Current and pulses',
      says,
      asks: ['analog', 'below', 'brokenWire', 'proofPoints_mA', 'pulses', 'batch'],
    },
    {
      name: 'guards',
      title: 'Guards, power, clock',
      says,
      asks: [
        'stopInput',
        'stopWarnsFirst',
        'dry',
        'afterPowerCut',
        'afterFault',
        'slowSuction',
        'deaerates',
        'compensates',
        'locks',
        'showsSignal',
        'priming',
        ...CLOCK_KEYS,
      ],
    },
    CONTROLLER,
  ],
  start: {
    modes: ['manual'],
    analog: { kind: 'none', ranges: ['4-20'] },
    below: 'stop',
    leastRate_spm: 0,
    afterPowerCut: 'unknown',
  },
  words: CHOOSE_WORDS,
  broughtUp,
});
