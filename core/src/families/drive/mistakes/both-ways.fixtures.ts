import { shipped } from '../../suites/shipped.fixtures';
import { none, type BothWays } from '../../suites/both-ways.fixtures';
import type { DriveRole } from '../settings/roles';
import { ASKED, DIFFERENCE } from '../example-duties';
import { BOX, DUTY, ONE, PAGES, PLATE, SAMPLES, SET, WHEEL } from '../fixtures';

/** Plants and controllers on which every setting of a drive counts somewhere. */
export const PLANTS = [
  ...SAMPLES,
  { profile: WHEEL, duty: ONE, plate: PLATE, found: {} },
  // what else a controller can be told by
  { profile: PAGES, duty: DIFFERENCE, plate: PLATE, found: {} },
  { profile: PAGES, duty: ASKED, plate: PLATE, found: {} },
  // a controller that asks what is to tell it
  {
    profile: shipped('drive-panel-each-on-a-line') as typeof WHEEL,
    duty: ONE,
    plate: PLATE,
    found: { by: 'sensor' },
  },
  { profile: WHEEL, duty: { ...ONE, holds: { kind: 'speed', set_hz: 40 } }, plate: PLATE, found: {} },
  {
    profile: WHEEL,
    duty: { ...ONE, holds: { kind: 'signal', least_hz: 30, most_hz: 45 } },
    plate: PLATE,
    found: {},
  },
  { profile: WHEEL, duty: { ...ONE, holds: { kind: 'difference', set_bar: 1 } }, plate: PLATE, found: {} },
  { profile: WHEEL, duty: { ...ONE, choices: { lift: true } }, plate: PLATE, found: {} },
  { profile: WHEEL, duty: { ...DUTY, others: [3, 16] }, plate: PLATE, found: {} },
  { profile: SET, duty: { ...DUTY, others: [8] }, plate: PLATE, found: {} },
  { profile: WHEEL, duty: { ...ONE, vessel: null }, plate: PLATE, found: { kp: 20, ti: 2 } },
  {
    profile: WHEEL,
    duty: { ...ONE, sensor: { range_bar: 4.5 }, choices: { lift: true } },
    plate: PLATE,
    found: {},
  },
  { profile: WHEEL, duty: { ...ONE, main_L: 400 }, plate: PLATE, found: {} },
  { profile: WHEEL, duty: { ...DUTY, choices: { sharing: 'one-varies' } }, plate: PLATE, found: {} },
  {
    profile: WHEEL,
    duty: { ...DUTY, draw: { ...DUTY.draw, leak_m3h: 0.1 }, vessel: { volume_L: 24, precharge_bar: 2.9 } },
    plate: PLATE,
    found: {},
  },
  {
    profile: BOX,
    duty: { ...DUTY, draw: { ...DUTY.draw, leak_m3h: 0.1 }, vessel: { volume_L: 60, precharge_bar: 2.9 } },
    plate: PLATE,
    found: { fs: 41 },
  },
  { profile: BOX, duty: { ...ONE, surprise: 'sprays over the benches' }, plate: PLATE, found: {} },
] as const;

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<DriveRole> = {
  units: { low: 'DRV-11', high: 'DRV-11' },
  'motor.current': { low: 'DRV-02', high: 'DRV-02' },
  'frequency.least': { low: 'DRV-14.least', high: 'DRV-04.least' },
  'frequency.greatest': { low: 'DRV-13', high: 'DRV-14.over' },
  'ramp.up': { low: 'DRV-14.ramp', high: 'DRV-14.slow' },
  address: { low: 'DRV-06', high: 'DRV-06' },
  set: { low: 'DRV-13.set', high: 'DRV-01.over' },
  'sensor.range': { low: 'DRV-01', high: 'DRV-01' },
  gain: {
    low: 'DRV-16.slow',
    high: 'DRV-16.gain',
  },
  reset: {
    low: none('by itself it makes no loop hunt: gain does; what is left is seen by the steady check'),
    high: 'DRV-16.slow',
  },
  'cut-in': { low: 'DRV-05.high', high: 'DRV-08' },
  'stop.frequency': { low: 'DRV-04', high: 'DRV-08.often' },
  'stop.delay': {
    low: 'DRV-08.often',
    high: 'DRV-12.churns',
  },
  'stop.boost': {
    low: 'DRV-08.often',
    high: 'DRV-01.over',
  },
  'dry.threshold': { low: 'DRV-05.nil', high: 'DRV-05.high' },
  'dry.delay': { low: 'DRV-05.early', high: 'DRV-05.late' },
  'dry.by': { wrong: 'DRV-05.none' },
  'dry.reaction': { wrong: 'DRV-05' },
  'dry.retries': { low: none('not trying again by itself is the safe side'), high: 'DRV-07.retries' },
  sharing: { wrong: 'DRV-08.soon' },
  'next.below': {
    low: none('none takes less than what the pressure moves by in itself'),
    high: 'DRV-13.next',
  },
  'next.delay': {
    low: 'DRV-08.soon',
    high: 'DRV-13.wait',
  },
  'next.off': { low: 'DRV-08.stays', high: 'DRV-08.next' },
  'next.hours': {
    low: 'DRV-08.turns',
    high: 'DRV-11.idle',
  },
  'power.after-cut': { wrong: 'DRV-07' },
  'fault.after': { wrong: 'DRV-07.fault' },
  lock: { wrong: 'DRV-07.keys' },
  'set-up': { wrong: 'DRV-11.set-up' },
  holds: { wrong: 'DRV-00.holds' },
  'motor.speed': { low: 'DRV-02', high: 'DRV-02' },
  'motor.volts': { low: 'DRV-02', high: 'DRV-02' },
  'motor.power': { low: 'DRV-02', high: 'DRV-02' },
  'motor.thermal': { wrong: 'DRV-02.thermal' },
  'motor.direction': { wrong: none('which way is right is seen at the shaft: DRV-03') },
  'ramp.down': {
    low: 'DRV-14.ramp-down',
    high: 'DRV-14.slow',
  },
  'signal.kind': { wrong: 'DRV-01.signal' },
  'signal.lost': { wrong: 'DRV-09.lost' },
  'sensor.kind': { wrong: 'DRV-01.kind' },
  'sensor.range.second': { low: 'DRV-01.second', high: 'DRV-01.second' },
  'sensor.zero': { low: 'DRV-01.shift', high: 'DRV-01.shift' },
  'set.second': {
    low: 'DRV-13.second',
    high: 'DRV-09.second',
  },
  'set.frequency': { low: 'DRV-14.least', high: 'ANY-10.outside' },
  lift: { low: 'DRV-13.set', high: 'DRV-01.over' },
  fill: { wrong: 'DRV-05.early' },
  relay: { wrong: none('what its relay tells is for the site to say, and tried as an alarm') },
  'link.protocol': { wrong: none("what the building's system expects is not asked of a drive") },
  'link.address': {
    low: none("what the building's system expects is not asked of a drive"),
    high: none("what the building's system expects is not asked of a drive"),
  },
  'link.baud': { wrong: none("what the building's system expects is not asked of a drive") },
  'link.parity': { wrong: none("what the building's system expects is not asked of a drive") },
  'link.silence': { wrong: 'DRV-07.silent' },
  unit: { wrong: none('a display: every figure is read in the unit that it shows') },
  'cut-in.below': {
    low: 'DRV-08.often',
    high: 'DRV-05.high',
  },
};
