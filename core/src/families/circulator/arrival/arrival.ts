import type { OwnArrival } from '../../family';
import { ISOLATED, STOPPED } from '../../parts/make-safe';
import type { CirculatorKind } from '../kind';
import { FIRST_STEPS } from '../wire/records';
import { readings } from './readings';

/** What is done and read before anything is set on a circulator. */
export const arrival: OwnArrival<CirculatorKind> = {
  makeSafe: [
    STOPPED,
    ISOLATED,
    {
      key: 'drained',
      words:
        'Hot water and pressure: cooled down and drained before the head is turned or the pump is opened.',
      hands: true,
    },
    {
      key: 'magnet',
      words:
        'Its rotor is a strong magnet: nobody with a pacemaker takes it out. Water that drives it makes voltage at the terminals.',
    },
    { key: 'live', words: 'Covers over live parts stay shut: behind them a licensed electrician works.' },
  ],
  plate: [
    { key: 'rated_W', label: 'Rated power', quantity: 'power' },
    {
      key: 'inlet_bar',
      label: 'Minimum pressure at the inlet, for water as warm as here',
      quantity: 'pressure',
    },
  ],
  plateCode: 'ANY-02',
  readings,
  first: { kind: 'seen-first', title: 'Seen before it runs', steps: FIRST_STEPS },
};
