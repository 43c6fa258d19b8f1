import { guardsOf } from '../../parts/guard';
import type { DriveRole } from './roles';

/** Settings whose change can hurt, and what of the duty they are held against. */
export const DRIVE_GUARDS = guardsOf<DriveRole>(
  [
    ['set', 'set.second', 'stop.boost'],
    'up',
    ['holds.kind', 'rating.lowest_bar', 'rating.relief_bar?', 'sensor.range_bar?'],
  ],
  [['dry.reaction', 'dry.by'], 'any', []],
  [['dry.retries'], 'up', ['surprise']],
  [['dry.delay'], 'up', ['pump.dry_s']],
  [['dry.threshold'], 'down', ['holds.kind']],
  [['ramp.up', 'ramp.down'], 'down', ['pump.ramp_s', 'pump.rated_hz']],
  [['frequency.least'], 'down', ['holds.kind', 'pump.least_hz']],
  [['power.after-cut', 'fault.after'], 'any', ['surprise']],
  [['motor.current', 'motor.volts', 'motor.power', 'motor.speed', 'motor.thermal'], 'any', []],
  [['sensor.zero'], 'any', ['holds.kind']],
);
