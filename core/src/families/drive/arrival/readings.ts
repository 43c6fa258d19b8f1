import type { ArrivalReadings } from '../../family';
import type { DriveRecord } from '../wire/records';

type Now = Extract<DriveRecord, { kind: 'drive-now' }>;

/** What is read of a drive while it still runs as it was found. */
export const readings: ArrivalReadings = {
  record: 'drive-now',
  fields: () => [
    { key: 'pressure_bar', label: 'Pressure that it shows', said: 'pressure', quantity: 'pressure' },
    { key: 'inlet_bar', label: 'Pressure at its inlet', said: 'inlet', quantity: 'pressure' },
    { key: 'frequency_hz', label: 'Frequency', said: 'frequency', quantity: 'frequency' },
    { key: 'current_A', label: 'Motor current', said: 'current', quantity: 'motorCurrent' },
    { key: 'power_W', label: 'Power', said: 'power', quantity: 'power' },
    { key: 'hours_h', label: 'Running hours', said: 'hours', quantity: 'hours' },
  ],
  states: [
    { value: 'runs', label: 'It runs' },
    { value: 'stopped', label: 'Stopped, no demand' },
    { value: 'waits', label: 'It waits' },
    { value: 'fault', label: 'In fault' },
  ],
  body: ({ figures, unreadable, state }): Now => {
    const read = (key: string) => figures[key] ?? null;
    return {
      kind: 'drive-now',
      pressure_bar: read('pressure_bar'),
      inlet_bar: read('inlet_bar'),
      frequency_hz: read('frequency_hz'),
      current_A: read('current_A'),
      power_W: read('power_W'),
      hours_h: read('hours_h'),
      state: state as Now['state'],
      unreadable,
    };
  },
};
