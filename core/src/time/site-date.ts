/** The date at a site at an instant: `2026-05-31`. Throws a RangeError for a zone that does not exist. */
export function siteDate(instant: string, zone: string): string {
  return parts(instant, zone, { year: 'numeric', month: '2-digit', day: '2-digit' });
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
  const fields = new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...options }).formatToParts(new Date(instant));
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
