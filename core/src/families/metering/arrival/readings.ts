import { signalSeen } from './signal-seen';
import type { ArrivalReadings, ReadingField } from '../../family';
import type { MeteringRecord } from '../wire/records';

type Now = Extract<MeteringRecord, { kind: 'readings-now' }>;

const FIELDS: readonly ReadingField[] = [
  { key: 'current_mA', label: 'Signal current', said: 'signal', quantity: 'current' },
  { key: 'display_m3h', label: 'Transmitter’s display', said: 'transmitter', quantity: 'waterFlow' },
  { key: 'rate_spm', label: 'Stroke rate', said: 'pump', quantity: 'strokeRate' },
  { key: 'pressure_bar', label: 'Discharge pressure', said: 'discharge', quantity: 'pressure' },
  { key: 'counter', label: 'Stroke counter', said: 'counter', quantity: 'strokes' },
  { key: 'residual_mgl', label: 'Residual', said: 'residual', quantity: 'dose' },
];
/** A meter sends no current, and its display is not a transmitter’s. */
const BEHIND_A_METER = FIELDS.filter(({ key }) => key !== 'current_mA').map((field) =>
  field.key === 'display_m3h' ? { ...field, label: 'Meter’s display', said: 'meter' } : field,
);

/** What is read of a metering pump while it still runs as it was found. */
export const readings: ArrivalReadings<Now> = {
  record: 'readings-now',
  fields: (document) => {
    return signalSeen(document) === 'meter' ? BEHIND_A_METER : FIELDS;
  },
  states: null,
  body: ({ figures, unreadable, by }): Now => {
    const read = (key: string) => figures[key] ?? null;
    return {
      kind: 'readings-now',
      current_mA: read('current_mA'),
      display_m3h: read('display_m3h'),
      rate_spm: read('rate_spm'),
      rateBy: read('rate_spm') === null ? null : ((by.rate_spm as Now['rateBy'] | undefined) ?? 'display'),
      pressure_bar: read('pressure_bar'),
      counter: read('counter'),
      residual_mgl: read('residual_mgl'),
      unreadable,
    };
  },
};
