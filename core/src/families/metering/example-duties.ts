import type { MeteringDuty } from './wire/duty';

/** Hypochlorite to the flow of a transmitter. */
export const DUTY: MeteringDuty = {
  family: 'metering',
  mode: 'analog',
  signal: { source: 'flow', low_mA: 4, span_m3h: 50 },
  water: { least_m3h: 6, usual_m3h: 20, greatest_m3h: 40, hourly_m3h: null },
  dose: { wanted_mgl: 1.2, low_mgl: 1, high_mgl: 1.5 },
  product: {
    name: 'Hypochlorite',
    strength: { stated: 'weight', percent: 12.5, density_kgl: 1.21 },
    measuredOn: '2026-11-20',
    halfLife_days: 90,
    density_kgl: 1.21,
    gassing: true,
  },
  strokeVolume: { full_mL: 0.1, basis: 'plate' },
  place: { interlocked: true, suctionHead_m: null, dischargePressure_bar: null },
  choices: { belowFirstPoint: 'stop', afterPowerCut: 'resume', stroke: 'long' },
};

/** Nutrient by a water meter: 10 L a pulse, 2 mg/L, one stroke of 0.4 mL for three pulses. */
export const PULSE_DUTY: MeteringDuty = {
  ...DUTY,
  mode: 'pulse',
  signal: { source: 'meter', litresPerPulse: 10, contact: 'mechanical', closedShare: 0.5 },
  water: { least_m3h: 2, usual_m3h: 12, greatest_m3h: 24, hourly_m3h: null },
  dose: { wanted_mgl: 2, low_mgl: 1.8, high_mgl: 2.2 },
  product: {
    name: 'Nutrient A',
    strength: { stated: 'mass', gpl: 150 },
    measuredOn: null,
    halfLife_days: null,
    density_kgl: 1.15,
    gassing: false,
  },
  strokeVolume: { full_mL: 0.42, basis: 'plate' },
  choices: { belowFirstPoint: 'stop', afterPowerCut: 'wait', stroke: 'middle' },
};

/** Hypochlorite in L/h: 3.3 L/h at the span of 50 m³/h, suction at 60 %. */
export const FLOW_DUTY: MeteringDuty = {
  ...DUTY,
  dose: { wanted_mgl: 10, low_mgl: 9, high_mgl: 11 },
  strokeVolume: { full_mL: 0.5, basis: 'plate' },
  place: { interlocked: true, suctionHead_m: -1, dischargePressure_bar: 2 },
};

/** A contact pump that is given one portion a pulse, and a timer. */
export const CONTACT_DUTY: MeteringDuty = { ...PULSE_DUTY, mode: 'contact' };

/** The same portion from run to run. */
export const TIMER_DUTY: MeteringDuty = {
  ...PULSE_DUTY,
  mode: 'timer',
  timer: { every_min: 60 },
};
