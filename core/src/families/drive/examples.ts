import type { Example } from '../parts/example';
import { ASKED, DIFFERENCE, DUTY, ONE } from './example-duties';
import type { DriveKind } from './kind';
import type { DrivePlate } from './wire/plate';
import type { DriveProfile } from './wire/job';

const PLATE: DrivePlate = { family: 'drive', rated_W: 2200, current_A: 4.6, speed_rpm: 2880, volts_V: 400 };

/** One pump that holds a pressure, a set where the controller can command one, and what else it can be told to hold. */
export function examplesFor({ behaviours, parameters }: DriveProfile): readonly Example<DriveKind>[] {
  const has = (wanted: string) => parameters.some(({ role }) => role === wanted);
  const all: readonly (Omit<Example<DriveKind>, 'plate'> & { readonly there: boolean })[] = [
    { title: 'at a constant pressure', duty: ONE, there: true },
    { title: 'at a constant pressure, two in a set', duty: DUTY, there: behaviours.units > 1 },
    { title: 'at a difference of two sensors', duty: DIFFERENCE, there: has('sensor.range.second') },
    { title: 'at the speed that a signal asks for', duty: ASKED, there: has('signal.kind') },
  ];
  return all.filter(({ there }) => there).map(({ title, duty }) => ({ title, duty, plate: PLATE }));
}
