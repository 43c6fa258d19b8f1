import type { ArrivalReadings } from '../../family';
import type { CirculatorRecord } from '../wire/records';

type Now = Extract<CirculatorRecord, { kind: 'circulator-now' }>;

/** What is read of a circulator while it still runs as it was found. */
export const readings: ArrivalReadings = {
  record: 'circulator-now',
  fields: () => [
    { key: 'head_m', label: 'Head that it shows', said: 'head', quantity: 'length' },
    { key: 'flow_m3h', label: 'Flow that it shows', said: 'flow', quantity: 'waterFlow' },
    { key: 'power_W', label: 'Power', said: 'power', quantity: 'power' },
    { key: 'inlet_bar', label: 'Pressure at its inlet', said: 'inlet', quantity: 'pressure' },
    { key: 'flow_C', label: 'Flow temperature', said: 'flow line', quantity: 'temperature' },
    { key: 'return_C', label: 'Return temperature', said: 'return line', quantity: 'temperature' },
  ],
  states: [
    { value: 'runs', label: 'It runs' },
    { value: 'waits', label: 'It waits' },
    { value: 'stands', label: 'It stands' },
    { value: 'fault', label: 'In fault' },
  ],
  body: ({ figures, unreadable, state }): Now => {
    const read = (key: string) => figures[key] ?? null;
    return {
      kind: 'circulator-now',
      head_m: read('head_m'),
      flow_m3h: read('flow_m3h'),
      power_W: read('power_W'),
      inlet_bar: read('inlet_bar'),
      flow_C: read('flow_C'),
      return_C: read('return_C'),
      state: state as Now['state'],
      unreadable,
    };
  },
};
