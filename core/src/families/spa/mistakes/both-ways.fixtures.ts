import { none, type BothWays } from '../../suites/both-ways.fixtures';
import type { SpaRole } from '../settings/roles';
import { DUTY, PLATE, SAMPLES, SOFT } from '../fixtures';

/** Tubs and packs on which every setting counts somewhere. */
export const PLANTS = [
  ...SAMPLES,
  ...SAMPLES.map((sample) => ({
    ...sample,
    duty: {
      ...sample.duty,
      choices: { ...sample.duty.choices, heating: 'cycles' as const, cleanUp_min: 20 },
    },
  })),
  // bathed late, the display read beside a thermometer
  ...SAMPLES.map((sample) => ({
    ...sample,
    duty: {
      ...sample.duty,
      baths: [{ from: 1200, to: 1310 }],
      wanted: { ...sample.duty.wanted, limit_C: sample.duty.wanted.temperature_C },
      choices: { ...sample.duty.choices, cleanUp_min: 0 },
    },
    read: { displayOff_K: 0 },
  })),
  { profile: SOFT, duty: { ...DUTY, circulation: null }, plate: PLATE, found: {} },
];

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<SpaRole> = {
  number: { low: 'SPA-01', high: 'SPA-01.none' },
  switch: { wrong: 'SPA-02' },
  set: { low: 'SPA-12.set', high: 'SPA-10' },
  range: { wrong: 'SPA-12.range' },
  heating: { wrong: 'SPA-08.time' },
  'cycle.start': { low: 'SPA-08.quiet', high: 'SPA-08.quiet' },
  'cycle.length': { low: 'SPA-08.filter', high: 'SPA-08.quiet' },
  'clean-up': { low: 'SPA-08.filter', high: 'SPA-08.after' },
  'jets.time-out': { low: none('the jets are turned on again') },
  lock: { wrong: 'ANY-11.spa' },
  'lock.temperature': { wrong: none("judged together with the panel's lock where several households share") },
  'sensor.offset': {
    low: 'SPA-10.display',
    high: 'SPA-12.display',
  },
  unit: { wrong: none('a display: every figure is read in the unit that it shows') },
  link: { wrong: 'SPA-09' },
  'cycle.interval': {
    low: 'SPA-08.more',
    high: 'SPA-08.cycles',
  },
  'key.function': { wrong: 'SPA-07' },
};
