import type { Example } from '../parts/example';
import { DUTY, ONE } from './example-duties';
import type { DriveKind } from './kind';
import type { DrivePlate } from './wire/plate';
import type { DriveProfile } from './wire/job';

const PLATE: DrivePlate = { family: 'drive', rated_W: 2200, current_A: 4.6, speed_rpm: 2880, volts_V: 400 };

/** One pump that holds a pressure, and a set where the controller can command one. */
export function examplesFor({ behaviours }: DriveProfile): readonly Example<DriveKind>[] {
  const one = { title: 'at a constant pressure', duty: ONE, plate: PLATE };
  return behaviours.units > 1
    ? [one, { title: 'at a constant pressure, two in a set', duty: DUTY, plate: PLATE }]
    : [one];
}
