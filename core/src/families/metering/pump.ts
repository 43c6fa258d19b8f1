import type { MeteringProfile } from '../../profile';
import type { Gear } from '../../dosing';

/** What was read from this pump's own plate, never remembered from a like one. */
export interface MeteringPlate {
  /** gear as marked, null on a pump without gears or when it could not be read */
  readonly gear: string | null;
  /** greatest stroke rate on the plate, strokes/min; null when it could not be read */
  readonly greatest_spm: number | null;
  /** greatest pressure on the plate, bar */
  readonly rated_bar: number | null;
}

/** The gears a profile knows. A pump without gears has one, named “-”. */
export function gearsOf(profile: MeteringProfile): Gear[] {
  return Object.entries(profile.behaviours.greatestRate_spm).map(([name, greatest_spm]) => ({
    name,
    greatest_spm,
  }));
}

/** Greatest rate of the fastest gear, strokes/min. */
export function fastestGear_spm({ profile }: { readonly profile: MeteringProfile }): number {
  return Math.max(...gearsOf(profile).map((gear) => gear.greatest_spm));
}
