import { plainReadings } from '../../parts/plain-readings';
import type { DriveRecord } from '../wire/records';

/** What is read of a drive while it still runs as it was found. */
export const readings = plainReadings<DriveRecord>(
  'drive-now',
  [
    { key: 'pressure_bar', label: 'Pressure that it shows', said: 'pressure', quantity: 'pressure' },
    { key: 'inlet_bar', label: 'Pressure at its inlet', said: 'inlet', quantity: 'pressure' },
    { key: 'frequency_hz', label: 'Frequency', said: 'frequency', quantity: 'frequency' },
    { key: 'current_A', label: 'Motor current', said: 'current', quantity: 'motorCurrent' },
    { key: 'power_W', label: 'Power', said: 'power', quantity: 'power' },
    { key: 'hours_h', label: 'Running hours', said: 'hours', quantity: 'hours' },
  ],
  [
    { value: 'runs', label: 'Runs' },
    { value: 'stopped', label: 'Stopped, no demand' },
    { value: 'waits', label: 'Waits' },
    { value: 'fault', label: 'In fault' },
  ],
);
