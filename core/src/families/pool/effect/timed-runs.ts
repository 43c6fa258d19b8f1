import { parameterWithRole } from '../../../profile';
import type { PoolDuty } from '../wire/duty';
import type { TimedRun } from '../wire/programs';
import type { PoolSettings } from '../settings/understand';
import type { PoolProfile } from '../wire/job';

/** A run that is started by hand and ends by itself, as it is stored. */
export interface StoredTimedRun {
  /** the slot that is its key; null for the boost run, which any key can start */
  readonly slot: number | null;
  readonly speed_rpm: number;
  readonly minutes: number;
}

/** The runs that people want to start by hand. */
export function timedRunsOf(duty: PoolDuty): readonly TimedRun[] {
  return duty.timedRuns ?? [];
}

/** True where the controller can end a run by itself: keys for timed runs, or a boost run with a time. */
export function canRunTimed(profile: PoolProfile): boolean {
  return (
    profile.behaviours.programs.timed.length > 0 || parameterWithRole(profile, 'boost.time') !== undefined
  );
}

/**
 * The timed runs that are stored whole. In a slot that is a key for timed runs no schedule stands: its stop is how long it runs.
 */
export function storedTimedRuns(settings: PoolSettings): StoredTimedRun[] {
  const keys = settings.programs.flatMap(({ slot, timed, start, stop, speed_rpm }) =>
    timed && start === null && stop !== null && stop > 0 && speed_rpm !== null
      ? [{ slot, speed_rpm, minutes: stop }]
      : [],
  );
  const { boost_rpm, boost_min } = settings;
  return boost_rpm !== null && boost_min !== null
    ? [...keys, { slot: null, speed_rpm: boost_rpm, minutes: boost_min }]
    : keys;
}

/** The speed of a run started by hand as the controller lets it through, rev/min. */
export function handSpeed_rpm(profile: PoolProfile, settings: PoolSettings, speed_rpm: number): number {
  const { limitClamps, speed } = profile.behaviours;
  return Math.min(speed_rpm, limitClamps.includes('boost') ? settings.greatest_rpm : speed.greatest_rpm);
}
