import type { ArrivalReadings } from '../../family';
import type { PoolRecord } from '../wire/records';

type Now = Extract<PoolRecord, { kind: 'pool-now' }>;

/** What is read of a pool pump while it still runs as it was found. */
export const readings: ArrivalReadings = {
  record: 'pool-now',
  fields: () => [
    { key: 'speed_rpm', label: 'Speed it shows', said: 'speed', quantity: 'speed' },
    { key: 'power_W', label: 'Power', said: 'power', quantity: 'power' },
    { key: 'flow_m3h', label: 'Flow', said: 'flow', quantity: 'waterFlow' },
    { key: 'filter_bar', label: 'Pressure before the filter', said: 'filter', quantity: 'pressure' },
    { key: 'water_C', label: 'Water', said: 'water', quantity: 'temperature' },
  ],
  states: [
    { value: 'program', label: 'A program runs' },
    { value: 'hand', label: 'By hand' },
    { value: 'hold', label: 'On hold' },
    { value: 'stopped', label: 'Stopped' },
    { value: 'alarm', label: 'In alarm' },
  ],
  body: ({ figures, unreadable, state }): Now => {
    const read = (key: string) => figures[key] ?? null;
    return {
      kind: 'pool-now',
      speed_rpm: read('speed_rpm'),
      power_W: read('power_W'),
      flow_m3h: read('flow_m3h'),
      filter_bar: read('filter_bar'),
      water_C: read('water_C'),
      state: state as Now['state'],
      unreadable,
    };
  },
};
