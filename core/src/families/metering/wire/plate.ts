import { z } from 'zod';
import type { Gear } from '../../../dosing';
import type { ProfileOf } from '../../../profile';
import type { MeteringBehaviours } from './behaviours';

/** What was read from this pump's own plate, never remembered from a like one. */
export const meteringPlateSchema = z
  .object({
    /** left out on plates that were written down before every plate said it */
    family: z.literal('metering').optional(),
    /** gear as marked, null on a pump without gears or when it could not be read */
    gear: z.string().nullable(),
    /** greatest stroke rate on the plate, strokes/min; null when it could not be read */
    greatest_spm: z.number().nullable(),
    /** greatest pressure on the plate, bar */
    rated_bar: z.number().nullable(),
  })
  .strict();
export type MeteringPlate = z.infer<typeof meteringPlateSchema>;

/** The gears a profile knows. A pump without gears has one, named “-”. */
export function gearsOf(profile: ProfileOf<MeteringBehaviours>): Gear[] {
  return Object.entries(profile.behaviours.greatestRate_spm).map(([name, greatest_spm]) => ({
    name,
    greatest_spm,
  }));
}

/** Greatest rate of the fastest gear, strokes/min. */
export function fastestGear_spm({ profile }: { readonly profile: ProfileOf<MeteringBehaviours> }): number {
  return Math.max(...gearsOf(profile).map((gear) => gear.greatest_spm));
}
