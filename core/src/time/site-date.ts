import { DAY_MIN, minuteOfDay } from './day';

/** The date at a site at an instant: `2026-05-31`. Throws a RangeError for a zone that does not exist. */
export function siteDate(instant: string, zone: string): string {
  return parts(instant, zone, { year: 'numeric', month: '2-digit', day: '2-digit' });
}

/** The date some days after (or before) a date. */
export function addDays(date: string, days: number): string {
  return new Date(Date.parse(date) + days * 86_400_000).toISOString().slice(0, 10);
}

/** Wall-clock time at a site at an instant: `14:05`. */
export function siteTime(instant: string, zone: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).format(new Date(instant));
}

/** Share of the site's day that has gone at an instant, 0…1. */
export function shareOfDay(instant: string, zone: string): number {
  const [hours, minutes] = siteTime(instant, zone).split(':').map(Number);
  return (hours * 60 + minutes) / 1440;
}

function parts(instant: string, zone: string, options: Intl.DateTimeFormatOptions): string {
  const fields = new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...options }).formatToParts(
    new Date(instant),
  );
  const field = (type: string) => fields.find((part) => part.type === type)?.value ?? '';
  return `${field('year')}-${field('month')}-${field('day')}`;
}

/** A date as people read it: `31 May 2026`. */
export function dateInWords(date: string): string {
  const [year, month, day] = date.split('-').map(Number);
  const name = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' }).format(
    new Date(Date.UTC(year, month - 1, day)),
  );
  return `${day} ${name} ${year}`;
}

/**
 * Minutes a controller's clock is ahead of true time (negative when behind), both as wall-clock times; the shorter
 * way round midnight. Null when what the controller shows is no time of day.
 */
export function clockError_min(shows: string, trueTime: string): number | null {
  const shown = minuteOfDay(shows);
  const real = minuteOfDay(trueTime);
  if (shown === null || real === null) return null;
  const off = shown - real;
  return off > DAY_MIN / 2 ? off - DAY_MIN : off < -DAY_MIN / 2 ? off + DAY_MIN : off;
}
