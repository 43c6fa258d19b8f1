import { none, type BothWays } from '../../suites/both-ways.fixtures';
import { shipped } from '../../suites/shipped.fixtures';
import type { MeteringRole } from '../settings/roles';
import { FLOW_DUTY, SAMPLES, STEPPER, TWO_POINT, dutyWith, PULSE_DUTY, PULSE_WHEEL } from '../fixtures';

const plate = { gear: null, greatest_spm: 200, rated_bar: 10 };
/** Sites and controllers on which every setting of a metering pump counts somewhere. */
export const PLANTS = [
  ...SAMPLES,
  {
    profile: STEPPER,
    duty: {
      ...FLOW_DUTY,
      product: { ...FLOW_DUTY.product, gassing: true },
      place: { ...FLOW_DUTY.place, stopContact: true, othersReachKeys: true },
      pressure: { least_bar: 1, greatest_bar: 6, lossPer_bar: 0.02 },
    },
    plate,
    found: {},
  },
  {
    profile: PULSE_WHEEL,
    duty: {
      ...PULSE_DUTY,
      place: { ...PULSE_DUTY.place, interlocked: false, stopContact: true, othersReachKeys: true },
    },
    plate: { ...plate, greatest_spm: 170 },
    found: {},
  },
  {
    profile: PULSE_WHEEL,
    duty: { ...PULSE_DUTY, mode: 'batch', batch: { volume_mL: 25.2, spacing_s: 1800 } },
    plate: { ...plate, greatest_spm: 170 },
    found: {},
  },
  // a controller with a multiplier and a divisor of its own, and a meter for each
  ...[1, 100].map((litresPerPulse) => ({
    profile: shipped('dosing-modes-on-one-key') as typeof TWO_POINT,
    duty: { ...PULSE_DUTY, signal: { ...PULSE_DUTY.signal, litresPerPulse } },
    plate: { ...plate, greatest_spm: 140 },
    found: {},
  })),
  {
    profile: TWO_POINT,
    duty: dutyWith({ place: { interlocked: false, othersReachKeys: true } }),
    plate: { ...plate, greatest_spm: 165 },
    found: {},
  },
  {
    profile: TWO_POINT,
    duty: dutyWith({ mode: 'manual' }),
    plate: { ...plate, greatest_spm: 165 },
    found: {},
  },
  {
    profile: STEPPER,
    duty: { ...FLOW_DUTY, mode: 'batch', batch: { volume_mL: 25.2, spacing_s: 1800 } },
    plate,
    found: {},
  },
  {
    profile: STEPPER,
    duty: { ...FLOW_DUTY, place: { ...FLOW_DUTY.place, interlocked: false } },
    plate,
    found: {},
  },
] as const;

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<MeteringRole> = {
  gear: { wrong: 'MET-08.slope' },
  'stroke.length': { low: 'MET-08.slope', high: 'MET-08.slope' },
  mode: { wrong: 'MET-08.manual' },
  'rate.manual': { low: 'MET-08.timer', high: 'MET-08.timer' },
  'signal.range': { wrong: 'MET-01.live-read-dead' },
  'signal.x1': { low: 'MET-01.live-read-dead', high: 'MET-07.equal' },
  'signal.y1': { low: none('zero is its minimum, and what is planned'), high: 'MET-07.swapped' },
  'signal.x2': { low: 'MET-07.swapped', high: none('20 mA is its maximum, and what is planned') },
  'signal.y2': { low: 'MET-08.offset', high: 'MET-08.slope' },
  'signal.below': {
    wrong: none('holding below the first point is a choice; with a first point at no flow both dose nothing'),
  },
  'signal.broken-wire': { wrong: 'MET-06.unwatched' },
  'rate.greatest': { low: 'MET-08.steps', high: none('an open limit is what the plan asks for') },
  'power.after-cut': { wrong: 'ANY-12.open' },
  'batch.strokes': { low: 'MET-08.batch', high: 'MET-08.batch' },
  'pulse.factor': { low: 'MET-08.pulses', high: 'MET-08.pulses' },
  'pulse.multiplier': { low: 'MET-08.pulses', high: 'MET-08.pulses' },
  'pulse.divisor': { low: 'MET-08.pulses', high: 'MET-08.pulses' },
  'pulse.memory': { wrong: 'MET-25.stop' },
  'pulse.recognition': { wrong: 'MET-09.bounce' },
  'stop.kind': { wrong: 'MET-10.set' },
  'dry.reaction': { wrong: 'MET-21.warn' },
  'access.lock': { wrong: 'ANY-11.open' },
  'calibration.factor': { low: 'MET-08.slope', high: 'MET-08.slope' },
  'batch.volume': { low: 'MET-08.batch', high: 'MET-08.batch' },
  'timer.every': { low: 'MET-08.timer', high: 'MET-08.timer' },
  'timer.run': { low: 'MET-08.timer', high: 'MET-08.timer' },
  'suction.share': { wrong: 'MET-13' },
  deaeration: { wrong: 'MET-14.off' },
  compensation: { wrong: 'MET-11.before' },
  'fault.after': { wrong: 'ANY-23.open' },
  'rate.least': { wrong: none('no shipped controller has it') },
};
