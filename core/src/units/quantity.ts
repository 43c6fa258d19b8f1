/**
 * The quantities of the trade and the one unit each has inside the program. Names that cross a boundary carry the
 * unit (`water_m3h`); display converts at the edge.
 */
export const INTERNAL_UNIT = {
  waterFlow: 'm³/h',
  pumpFlow: 'L/h',
  volume: 'L',
  strokeVolume: 'mL',
  pressure: 'bar',
  temperature: '°C',
  current: 'mA',
  voltage: 'V',
  /** of a motor; a signal has `current` */
  motorCurrent: 'A',
  frequency: 'Hz',
  strokeRate: 'strokes/min',
  dose: 'mg/L',
  strength: 'g/L',
  density: 'kg/L',
  length: 'm',
  /** of a pipe */
  bore: 'mm',
  area: 'm²',
  /** what a heater gives */
  heat: 'kW',
  salt: 'kg',
  /** what a chlorinator makes */
  massRate: 'g/h',
  percent: '%',
  strokes: 'strokes',
  seconds: 's',
  minutes: 'min',
  days: 'd',
  hours: 'h',
  milliseconds: 'ms',
  pulseRate: 'pulses/min',
  velocity: 'm/s',
  speed: 'rev/min',
  power: 'W',
  energy: 'kWh',
  waterVolume: 'm³',
  difference: 'K',
  mass: 'g',
  /** a bare number: a factor, a count */
  plain: '',
} as const;

export type Quantity = keyof typeof INTERNAL_UNIT;

export type UnitSystem = 'metric' | 'us';

/** A figure with its meaning, as findings and reasons carry it. */
export interface Figure {
  readonly q: Quantity;
  readonly v: number;
}

/** Short for a figure. */
export function fig(q: Quantity, v: number): Figure {
  return { q, v };
}
