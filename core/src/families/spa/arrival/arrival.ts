import type { OwnArrival } from '../../family';
import type { SpaKind } from '../kind';
import { FIRST_STEPS } from '../wire/records';
import { readings } from './readings';
import { WORK } from './work';

/** What is done and read before anything is set on a pack. */
export const arrival: OwnArrival<SpaKind> = {
  makeSafe: [
    {
      key: 'nobody',
      words: 'Nobody in the tub or touching the water while the cabinet is open; the cover shut or watched.',
    },
    {
      key: 'off',
      words:
        'Mains and water in one cabinet: supply off, locked, proved dead before it is opened. A dark panel is not an isolation.',
      hands: true,
      power: true,
    },
    { key: 'hot', words: 'Hot water: the temperature read before a hand or a foot goes in.' },
    {
      key: 'ozone',
      words: 'Cabinet aired before a head goes in: ozone gathers in a closed one.',
      hands: true,
    },
    { key: 'licensed', words: 'Electrics by a licensed electrician; covers over live parts stay shut.' },
  ],
  plate: [
    { key: 'current_A', label: 'Maximum current of the pack', quantity: 'motorCurrent' },
    { key: 'volts_V', label: 'Voltage', quantity: 'voltage' },
    { key: 'heater_W', label: 'Heater', quantity: 'power' },
  ],
  plateCode: 'SPA-04',
  readings,
  work: WORK,
  first: {
    kind: 'spa-first',
    title: 'Before a number is chosen',
    steps: FIRST_STEPS,
    caution: () =>
      'Mains and water in one cabinet. Where the protection does not trip or a suction cover is broken, nobody bathes.',
  },
};
