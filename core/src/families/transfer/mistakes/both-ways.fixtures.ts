import { shipped } from '../../suites/shipped.fixtures';
import { none, type BothWays } from '../../suites/both-ways.fixtures';
import type { TransferRole } from '../settings/roles';
import { LOBE } from '../example-duties';
import { DUTY, GUIDED, NUMBERED, PLATE, SAMPLES, VACUUM } from '../fixtures';

/** Plants and controllers on which every setting of a pump that empties a vessel counts somewhere. */
export const PLANTS = [
  ...SAMPLES,
  { profile: GUIDED, duty: VACUUM, plate: PLATE, found: {} },
  {
    profile: NUMBERED,
    duty: { ...DUTY, product: { ...DUTY.product, foams: true } },
    plate: PLATE,
    found: {},
  },
  { profile: GUIDED, duty: { ...DUTY, choices: { control: 'level' } }, plate: PLATE, found: {} },
  // levels as a share of what the float was taught
  {
    profile: shipped('vessel-float-page-by-page') as typeof GUIDED,
    duty: { ...DUTY, choices: { control: 'level' } },
    plate: PLATE,
    found: { zero: 20, full: DUTY.vessel.height_mm },
  },
  // a pump that displaces, evenly, with a gain for each per cent
  {
    profile: shipped('vessel-float-page-by-page') as typeof GUIDED,
    duty: { ...LOBE, choices: { control: 'even' } },
    plate: PLATE,
    found: { zero: 20, full: DUTY.vessel.height_mm },
  },
] as const;

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<TransferRole> = {
  plant: { wrong: 'LEV-05.kind' },
  'pump.kind': { wrong: 'LEV-05.kind' },
  inlets: {
    low: 'LEV-05.inlets',
    high: 'LEV-05.inlets',
  },
  'motor.volts': { low: 'LEV-05', high: 'LEV-05' },
  'motor.current': { low: 'LEV-05', high: 'LEV-05' },
  'motor.speed': { low: 'LEV-05', high: 'LEV-05' },
  'speed.least': { low: 'LEV-01', high: 'LEV-11' },
  'speed.greatest': { low: 'LEV-07.mean', high: 'LEV-01.pump' },
  control: { wrong: 'LEV-03' },
  'level.bottom': {
    low: 'LEV-02.empty',
    high: 'LEV-02.order',
  },
  'level.top': { low: 'LEV-02.order', high: 'LEV-02.float' },
  // a float that was taught otherwise moves every level with it
  'taught.bottom': {
    low: none('a float that hangs lower than it was is judged by its levels'),
    high: 'LEV-02.taught',
  },
  'taught.top': { low: 'LEV-02.taught', high: 'LEV-02.float' },
  gain: {
    low: none('with little gain it floods or drains: judged by what a session delivers'),
    high: 'LEV-11',
  },
  averaging: {
    low: none('judged by what a session delivers'),
    high: none('judged by what a session delivers'),
  },
  'run-on': { low: none('less is left behind the outlet, which the next start sends'), high: 'LEV-09' },
  'emptying.every': { low: 'LEV-03', high: 'LEV-03.late' },
  'cleaning.input': { wrong: 'LEV-07.input' },
  'cleaning.speed': { low: 'LEV-07', high: 'LEV-01.pump' },
  'alarm.high': { low: 'LEV-02.alarm', high: 'LEV-02.silent' },
  'power.after-cut': { wrong: 'ANY-12.waits' },
};
