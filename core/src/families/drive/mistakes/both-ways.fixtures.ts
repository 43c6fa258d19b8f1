import { none, type BothWays } from '../../both-ways.fixtures';
import type { DriveRole } from '../settings/roles';
import { BOX, DUTY, ONE, PLATE, SAMPLES, WHEEL } from '../fixtures';

/** Plants and controllers on which every setting of a drive counts somewhere. */
export const PLANTS = [
  ...SAMPLES,
  { profile: WHEEL, duty: ONE, plate: PLATE, found: {} },
  { profile: WHEEL, duty: { ...ONE, holds: { kind: 'speed', set_hz: 40 } }, plate: PLATE, found: {} },
  {
    profile: WHEEL,
    duty: { ...ONE, holds: { kind: 'signal', least_hz: 30, most_hz: 45 } },
    plate: PLATE,
    found: {},
  },
  { profile: WHEEL, duty: { ...ONE, holds: { kind: 'difference', set_bar: 1 } }, plate: PLATE, found: {} },
  { profile: WHEEL, duty: { ...ONE, choices: { lift: true } }, plate: PLATE, found: {} },
  { profile: WHEEL, duty: { ...DUTY, others: [3] }, plate: PLATE, found: {} },
  { profile: BOX, duty: { ...ONE, surprise: 'sprays over the benches' }, plate: PLATE, found: {} },
] as const;

/** What is said of each setting that is too low, too high or another than it must be. */
export const BOTH_WAYS: BothWays<DriveRole> = {
  units: { low: 'DRV-11', high: 'DRV-11' },
  'motor.current': { low: 'DRV-02', high: 'DRV-02' },
  'frequency.least': { low: 'DRV-14.least', high: 'DRV-04.least' },
  'frequency.greatest': { low: 'DRV-13', high: 'DRV-14.over' },
  'ramp.up': { low: 'DRV-14.ramp', high: 'DRV-14.slow' },
  address: { low: 'DRV-06', high: none('any address that nobody else has is as good') },
  set: { low: 'DRV-13.set', high: 'DRV-01.over' },
  'sensor.range': { low: 'DRV-01', high: 'DRV-01' },
  gain: {
    low: none('a slow loop is seen at the pump: the steady check and DRV-16'),
    high: none('hunting is seen at the pump: the steady check and DRV-16'),
  },
  reset: {
    low: none('hunting is seen at the pump: the steady check and DRV-16'),
    high: none('a slow loop is seen at the pump: the steady check and DRV-16'),
  },
  'cut-in': { low: 'DRV-05.high', high: 'DRV-08' },
  'stop.frequency': { low: 'DRV-04', high: 'DRV-08.often' },
  'stop.delay': {
    low: none('how often it then starts is DRV-08.often'),
    high: 'DRV-12.churns',
  },
  'stop.boost': {
    low: 'DRV-08.often',
    high: none(
      "judged where it passes the sensor's range or a rating; under both it fills the vessel further",
    ),
  },
  'dry.threshold': { low: 'DRV-05.nil', high: 'DRV-05.high' },
  'dry.delay': { low: 'DRV-05.early', high: 'DRV-05.late' },
  'dry.reaction': { wrong: 'DRV-05' },
  'dry.retries': { low: none('not trying again by itself is the safe side'), high: 'DRV-07.retries' },
  sharing: { wrong: 'DRV-08.soon' },
  'next.below': { low: none('the change-over proof shows it'), high: 'DRV-13.next' },
  'next.delay': {
    low: none('judged where one varies; all together settle at once'),
    high: 'DRV-13.wait',
  },
  'next.off': { low: 'DRV-08.stays', high: 'DRV-08.next' },
  'next.hours': {
    low: none('wears the two unevenly; nothing in the duty says how often'),
    high: none('wears the two unevenly; nothing in the duty says how often'),
  },
  'power.after-cut': { wrong: 'DRV-07' },
  'fault.after': { wrong: 'DRV-07.fault' },
  lock: { wrong: 'DRV-07.keys' },
  'set-up': { wrong: 'DRV-11.set-up' },
  holds: { wrong: 'DRV-00.holds' },
  'motor.speed': { low: 'DRV-02', high: 'DRV-02' },
  'motor.volts': { low: 'DRV-02', high: 'DRV-02' },
  'motor.thermal': { wrong: 'DRV-02.thermal' },
  'motor.direction': { wrong: none('which way is right is seen at the shaft: DRV-03') },
  'ramp.down': {
    low: 'DRV-14.ramp-down',
    high: 'DRV-14.slow',
  },
  'sensor.kind': { wrong: 'DRV-01.kind' },
  'sensor.zero': { low: 'DRV-01.shift', high: 'DRV-01.shift' },
  'set.second': {
    low: none('in force by a switched input that the duty does not know of'),
    high: none('in force by a switched input that the duty does not know of'),
  },
  'set.frequency': { low: 'DRV-14.least', high: 'ANY-10.outside' },
  lift: { low: 'DRV-13.set', high: none("judged where it passes the sensor's range or a rating") },
  fill: { wrong: none('filling slowly hurts nothing; not doing so where it must is DRV-05.early') },
  relay: { wrong: none('what its relay tells is for the site to say, and tried as an alarm') },
  'link.protocol': { wrong: none("what the building's system expects is not asked of a drive") },
  'link.address': {
    low: none("what the building's system expects is not asked of a drive"),
    high: none("what the building's system expects is not asked of a drive"),
  },
  'link.baud': { wrong: none("what the building's system expects is not asked of a drive") },
  'link.parity': { wrong: none("what the building's system expects is not asked of a drive") },
  'link.silence': { wrong: none("what the building's system expects is not asked of a drive") },
  unit: { wrong: none('a display: every figure is read in the unit that it shows') },
  'cut-in.below': {
    low: none('nearer to the set pressure it starts oftener, which DRV-08.often counts'),
    high: 'DRV-05.high',
  },
};
