import { roleTable, type OptionRoleIn, type RoleIn } from '../../../profile';

/** What a drive's parameters can mean. */
export const DRIVE_TABLE = roleTable({
  holds: ['holds.pressure', 'holds.difference', 'holds.speed', 'holds.signal'],
  units: null,
  address: null,
  'motor.current': 'motorCurrent',
  'motor.speed': 'speed',
  'motor.volts': 'voltage',
  'motor.thermal': ['thermal.on', 'thermal.off'],
  'motor.direction': ['direction.forward', 'direction.reverse'],
  'frequency.least': 'frequency',
  'frequency.greatest': 'frequency',
  'ramp.up': 'seconds',
  'ramp.down': 'seconds',
  gain: 'plain',
  reset: 'seconds',
  'sensor.kind': ['sensor.plain', 'sensor.differential'],
  'sensor.range': 'pressure',
  'sensor.zero': 'current',
  set: 'pressure',
  'set.second': 'pressure',
  'set.frequency': 'frequency',
  lift: 'pressure',
  'cut-in': 'pressure',
  'cut-in.below': 'pressure',
  'stop.frequency': 'frequency',
  'stop.delay': 'seconds',
  'stop.boost': 'pressure',
  'dry.threshold': 'pressure',
  'dry.delay': 'seconds',
  'dry.retries': null,
  'dry.by': ['by.sensor', 'by.sums', 'by.none'],
  'dry.reaction': ['dry.stop', 'dry.warn', 'dry.ignore', 'dry.off'],
  fill: ['fill.on', 'fill.off'],
  'next.below': 'pressure',
  'next.delay': 'seconds',
  'next.off': 'frequency',
  'next.hours': 'hours',
  sharing: ['sharing.one-varies', 'sharing.all-vary'],
  'power.after-cut': ['after-cut.resume', 'after-cut.wait'],
  'fault.after': ['after-fault.resume', 'after-fault.wait'],
  relay: null,
  unit: null,
  'link.protocol': null,
  'link.address': null,
  'link.baud': null,
  'link.parity': null,
  'link.silence': ['silence.own', 'silence.stop'],
  lock: ['lock.on', 'lock.off'],
  'set-up': ['set-up.complete', 'set-up.open'],
});
export const {
  roles: DRIVE_ROLES,
  optionRoles: DRIVE_OPTION_ROLES,
  quantities: DRIVE_QUANTITIES,
} = DRIVE_TABLE;
export type DriveRole = RoleIn<(typeof DRIVE_TABLE)['meanings']>;
export type DriveOptionRole = OptionRoleIn<(typeof DRIVE_TABLE)['meanings']>;

/** What each thing that it holds is held by: it is checked when that changes. */
export const ROLES_OF_HOLDING: Readonly<Record<string, readonly DriveRole[] | undefined>> = {
  'holds.pressure': ['sensor.kind', 'sensor.range', 'set', 'cut-in', 'stop.frequency'],
  'holds.difference': ['sensor.kind', 'sensor.range', 'set'],
  'holds.speed': ['set.frequency'],
  'holds.signal': ['frequency.least', 'frequency.greatest'],
};
