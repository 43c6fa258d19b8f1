import type { OwnArrival } from '../../family';
import { ISOLATED, STOPPED } from '../../parts/make-safe';
import type { TransferKind } from '../kind';
import { FIRST_STEPS } from '../wire/records';
import { readings } from './readings';
import { WORK } from './work';

/** What is done and read before anything is set on such a pump. */
export const arrival: OwnArrival<TransferKind> = {
  makeSafe: [
    STOPPED,
    ISOLATED,
    {
      key: 'vacuum',
      words: 'Vacuum let in before the vessel is opened; no hand near an inlet under vacuum.',
      hands: true,
    },
    { key: 'hot', words: 'Hot cleaning liquor drained and rinsed: goggles and gloves where it may stand.' },
    {
      key: 'discharged',
      words: 'Drive switched off, its stated discharge time waited, proved dead before a lead is touched.',
      hands: true,
      power: true,
    },
    { key: 'by-itself', words: 'The pump starts by itself as soon as the float rises.' },
    { key: 'live', words: 'Covers over live parts stay shut: behind them a licensed electrician works.' },
  ],
  plate: [
    { key: 'rated_W', label: 'Rated power', quantity: 'power' },
    { key: 'current_A', label: 'Rated current', quantity: 'motorCurrent' },
    { key: 'speed_rpm', label: 'Rated speed', quantity: 'speed' },
    { key: 'volts_V', label: 'Rated voltage', quantity: 'voltage' },
  ],
  plateCode: 'LEV-05',
  readings,
  work: WORK,
  first: {
    kind: 'transfer-first',
    title: 'Order of work',
    steps: FIRST_STEPS,
    caution: ({ behaviours }) =>
      behaviours.backDrops
        ? 'Going back in its set-up drops what was entered: enter it again, and read it.'
        : null,
  },
};
