import { z } from 'zod';
import { described, group, minute } from '../../../describe';
import { DAY_MIN } from '../../../time';
import { speed, onDays, called } from './fields';

/** A program as it is meant, before it has a slot. */
export const wantedProgram = group({
  name: z.string().max(60),
  days: onDays,
  start: minute('The start').max(DAY_MIN - 1, 'A start lies before 24:00.'),
  stop: minute('The stop').max(DAY_MIN - 1, 'Midnight is 0:00.'),
  speed_rpm: speed('The speed'),
  /** name of the circuit it runs; null where the speed alone counts */
  circuit: z.string().nullable(),
});
export type WantedProgram = z.infer<typeof wantedProgram>;

/** A run that someone starts by hand, and that ends by itself. */
export const timedRun = group({
  name: called('Called', 'Give the run a name.', 'By the site’s own word'),
  speed_rpm: speed('At'),
  minutes: described(
    z
      .int('The length must be in whole minutes.')
      .min(1, 'A run lasts a minute at least.')
      .max(DAY_MIN - 1, 'A run is shorter than a day.'),
    { label: 'For', quantity: 'minutes' },
  ),
});
export type TimedRun = z.infer<typeof timedRun>;
