import { plainReadings } from '../../parts/plain-readings';
import type { CirculatorRecord } from '../wire/records';

/** What is read of a circulator while it still runs as it was found. */
export const readings = plainReadings<CirculatorRecord>(
  'circulator-now',
  [
    { key: 'head_m', label: 'Head that it shows', said: 'head', quantity: 'head' },
    { key: 'flow_m3h', label: 'Flow that it shows', said: 'flow', quantity: 'waterFlow' },
    { key: 'power_W', label: 'Power', said: 'power', quantity: 'power' },
    { key: 'inlet_bar', label: 'Pressure at its inlet', said: 'inlet', quantity: 'pressure' },
    { key: 'flow_C', label: 'Flow temperature', said: 'flow line', quantity: 'temperature' },
    { key: 'return_C', label: 'Return temperature', said: 'return line', quantity: 'temperature' },
  ],
  [
    { value: 'runs', label: 'Runs' },
    { value: 'waits', label: 'Waits' },
    { value: 'stands', label: 'It stands' },
    { value: 'fault', label: 'In fault' },
  ],
);
