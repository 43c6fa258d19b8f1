import { plainReadings } from '../../parts/plain-readings';
import type { SpaRecord } from '../wire/records';

/** What is read of a pack while it still runs as it was found. */
export const readings = plainReadings<SpaRecord>(
  'spa-now',
  [
    { key: 'water_C', label: 'Water, by a thermometer of your own', said: 'water', quantity: 'temperature' },
    { key: 'display_C', label: 'Temperature that it shows', said: 'display', quantity: 'temperature' },
    { key: 'air_C', label: 'Air', said: 'air', quantity: 'temperature' },
    {
      key: 'current_A',
      label: 'Current, where it can be read shut',
      said: 'current',
      quantity: 'motorCurrent',
    },
  ],
  [
    { value: 'heats', label: 'It heats' },
    { value: 'rests', label: 'It rests' },
    { value: 'filters', label: 'It filters' },
    { value: 'off', label: 'Off, or dark' },
    { value: 'fault', label: 'In fault' },
  ],
);
