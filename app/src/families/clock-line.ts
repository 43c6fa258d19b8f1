import { clockShows, type Profile } from '@barythm/core/profile';

const CLOCK_WORDS = {
  none: 'none',
  time: 'shows the time',
  weekday: 'shows weekday and time',
  date: 'shows date and time',
} as const;

/** What a controller's clock shows, in words. */
export function clockLine(profile: Profile): string {
  return CLOCK_WORDS[clockShows(profile) ?? 'none'];
}
