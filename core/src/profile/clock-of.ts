import type { ClockShows } from './clock-shows';
import { parameterWithRole } from './meaning';
import type { Profile } from './profile';

/** What a controller's clock shows, null without one. A controller whose programs name their days knows the weekday, said or not. */
export function clockShows(profile: Profile): ClockShows | null {
  if (!profile.behaviours.hasClock) return null;
  return profile.behaviours.clockShows ?? (parameterWithRole(profile, 'program.days') ? 'weekday' : 'time');
}
