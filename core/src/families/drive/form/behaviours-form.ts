import { formOf } from '../../../describe';
import { CLOCK_KEYS, CONTROLLER } from '../../parts/controller/controller-part';
import { CHOOSE_WORDS } from '../../parts/controller/words';
import { driveBehavioursSchema } from '../wire/behaviours';

const says = () => '';

/** What a drive's controller does by itself. */
export const BEHAVIOURS_FORM = formOf(driveBehavioursSchema, {
  parts: [
    {
      name: 'holding',
      title: 'How it behaves',
      says,
      asks: [
        'holds',
        'guided',
        'stopsByFrequency',
        'closedValveTest',
        'frontKeys',
        'retryAfter_s',
        'discharge_min',
        'identifies_min',
      ],
    },
    {
      name: 'several',
      title: 'Several pumps and links',
      says,
      asks: ['units', 'sharing', 'leadFails', 'protocols'],
    },
    {
      name: 'power',
      title: 'Faults, power and clock',
      says,
      asks: ['sensorFails', 'afterPowerCut', 'afterFault', ...CLOCK_KEYS],
    },
    CONTROLLER,
  ],
  start: {
    holds: ['pressure'],
    units: 1,
    sharing: [],
    protocols: [],
    leadFails: 'unknown',
    sensorFails: 'unknown',
  },
  words: CHOOSE_WORDS,
});
