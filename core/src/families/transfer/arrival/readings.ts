import { plainReadings } from '../../parts/plain-readings';
import type { TransferRecord } from '../wire/records';

/** What is read of such a pump while it still runs as it was found. */
export const readings = plainReadings<TransferRecord>(
  'transfer-now',
  [
    { key: 'level_mm', label: 'Level that it shows', said: 'level', quantity: 'level' },
    { key: 'speed_rpm', label: 'Speed that it shows', said: 'speed', quantity: 'speed' },
    { key: 'current_A', label: 'Motor current', said: 'current', quantity: 'motorCurrent' },
    { key: 'product_C', label: 'Product in the vessel', said: 'product', quantity: 'temperature' },
    { key: 'delivered_C', label: 'Product behind the cooler', said: 'delivered', quantity: 'temperature' },
  ],
  [
    { value: 'runs', label: 'Runs' },
    { value: 'stopped', label: 'It stands, vessel empty' },
    { value: 'cleaning', label: 'Being cleaned' },
    { value: 'fault', label: 'In fault' },
  ],
);
