/** Minutes of a day, and of a week that begins on Monday at 0:00. */
export const DAY_MIN = 1440;
export const WEEK_MIN = 7 * DAY_MIN;

/** A minute of the day as a clock shows it: `7:05`, `24:00` for the end of the day. */
export function timeOfDay(minute: number): string {
  const whole = Math.round(minute);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

const CLOCK = /^([01]?\d|2[0-3])(?:[:.h ]?([0-5]\d))?\s*(am|pm)?$/i;

/**
 * The minute of the day of a time as people and controllers write it: `7`, `7:05`, `7.05`, `0705`, `7:05 pm`. Null for what
 * is no time of day.
 */
export function minuteOfDay(text: string): number | null {
  const found = CLOCK.exec(text.trim());
  if (!found) return null;
  const [, hour, minute = '0', half] = found;
  const hours = Number(hour);
  if (!half) return hours * 60 + Number(minute);
  if (hours < 1 || hours > 12) return null;
  return ((hours % 12) + (half.toLowerCase() === 'pm' ? 12 : 0)) * 60 + Number(minute);
}

/** Days of a program: digits in order, 1 for Monday to 7 for Sunday, at least one. */
export const DAYS = /^(?=[1-7])1?2?3?4?5?6?7?$/;
export const EVERY_DAY = '1234567';
export const DAY_NAMES = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const;

/** Days in words: `every day`, `Mon–Fri`, `Mon, Wed`. */
export function daysInWords(days: string): string {
  if (days === EVERY_DAY) return 'every day';
  const runs: number[][] = [];
  for (const digit of days) {
    const day = Number(digit);
    const run = runs[runs.length - 1];
    if (run && run[run.length - 1] === day - 1) run.push(day);
    else runs.push([day]);
  }
  const name = (day: number) => DAY_NAMES[day - 1] ?? '?';
  return runs
    .flatMap((run) => (run.length > 2 ? [`${name(run[0])}–${name(run[run.length - 1])}`] : run.map(name)))
    .join(', ');
}

/** True when a program with these days runs on a day, 1 for Monday. */
export function onDay(days: string, day: number): boolean {
  return days.includes(String(day));
}

/** Day of the week of a date, 1 for Monday. */
export function weekday(date: string): number {
  return ((new Date(`${date}T00:00:00Z`).getUTCDay() + 6) % 7) + 1;
}
