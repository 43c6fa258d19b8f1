import { plainReadings } from '../../parts/plain-readings';
import type { PoolRecord } from '../wire/records';

/** What is read of a pool pump while it still runs as it was found. */
export const readings = plainReadings<PoolRecord>(
  'pool-now',
  [
    { key: 'speed_rpm', label: 'Speed it shows', said: 'speed', quantity: 'speed' },
    { key: 'power_W', label: 'Power', said: 'power', quantity: 'power' },
    { key: 'flow_m3h', label: 'Flow', said: 'flow', quantity: 'waterFlow' },
    { key: 'filter_bar', label: 'Pressure before the filter', said: 'filter', quantity: 'pressure' },
    { key: 'water_C', label: 'Water', said: 'water', quantity: 'temperature' },
  ],
  [
    { value: 'program', label: 'A program runs' },
    { value: 'hand', label: 'By hand' },
    { value: 'hold', label: 'On hold' },
    { value: 'stopped', label: 'Stopped' },
    { value: 'alarm', label: 'In alarm' },
  ],
);
