/** Making a formatter takes a hundred times as long as using it, and there are no more of them than zones. */
function formatterOf(options: Intl.DateTimeFormatOptions): (zone: string) => Intl.DateTimeFormat {
  const made = new Map<string, Intl.DateTimeFormat>();
  return (zone) => {
    const known = made.get(zone);
    if (known) return known;
    const formatter = new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...options });
    made.set(zone, formatter);
    return formatter;
  };
}
const dayIn = formatterOf({ year: 'numeric', month: '2-digit', day: '2-digit' });
const clockIn = formatterOf({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
const monthIn = formatterOf({ month: 'short' });

/** The date at a site at an instant: `2026-05-31`. Throws a RangeError for a zone that does not exist. */
export function siteDate(instant: string, zone: string): string {
  const fields = dayIn(zone).formatToParts(new Date(instant));
  const field = (type: string) => fields.find((part) => part.type === type)?.value ?? '';
  return `${field('year')}-${field('month')}-${field('day')}`;
}

/** Nothing is planned further ahead than this: what comes later may as well never come. */
const LATEST_days = 36_500;

/** The date some days after (or before) a date; a century at most. */
export function addDays(date: string, days: number): string {
  return new Date(Date.parse(date) + Math.min(LATEST_days, days) * 86_400_000).toISOString().slice(0, 10);
}

/** Wall-clock time at a site at an instant: `14:05`. */
export function siteTime(instant: string, zone: string): string {
  return clockIn(zone).format(new Date(instant));
}

/** Share of the site's day that has gone at an instant, 0…1. */
export function shareOfDay(instant: string, zone: string): number {
  const [hours, minutes] = siteTime(instant, zone).split(':').map(Number);
  return (hours * 60 + minutes) / 1440;
}

/** A date as people read it: `31 May 2026`. */
export function dateInWords(date: string): string {
  const [year, month, day] = date.split('-').map(Number);
  const name = monthIn('UTC').format(new Date(Date.UTC(year, month - 1, day)));
  return `${day} ${name} ${year}`;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/**
 * A calendar date as people write it → ISO: `2027-05-31`, `31.5.2027`, `31 May 2027`. Null for what is no such date; with
 * slashes day and month cannot be told apart, so they are not taken.
 */
export function parseDate(text: string): string | null {
  const typed = text.trim();
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
  const dotted = /^(\d{1,2})\.\s*(\d{1,2})\.\s*(\d{4})$/.exec(typed);
  const named = /^(\d{1,2})\.?\s+([a-z]{3,9})\.?\s+(\d{4})$/i.exec(typed);
  if (iso) return calendarDate(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  if (dotted) return calendarDate(Number(dotted[3]), Number(dotted[2]), Number(dotted[1]));
  if (named) {
    const month = MONTHS.indexOf(named[2].slice(0, 3).toLowerCase()) + 1;
    return calendarDate(Number(named[3]), month, Number(named[1]));
  }
  return null;
}

function calendarDate(year: number, month: number, day: number): string | null {
  const date = new Date(Date.UTC(year, month - 1, day));
  const real =
    date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
  return real ? date.toISOString().slice(0, 10) : null;
}

/** The same day some months later; the last day of the month where that month has no such day. */
export function addMonths(date: string, months: number): string {
  const [year, month, day] = date.split('-').map(Number);
  const first = new Date(Date.UTC(year, month - 1 + months, 1));
  const days = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
  first.setUTCDate(Math.min(day, days));
  return first.toISOString().slice(0, 10);
}
