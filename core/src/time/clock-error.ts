import { DAY_MIN, minuteOfDay, WEEK_MIN, weekday } from './day';

/** What a controller's clock shows, as far as it shows it. */
export interface ShownClock {
  /** as it stands on the display: `14:05`, `2:05 pm` */
  readonly time: string;
  /** 1 for Monday */
  readonly weekday?: number;
  /** ISO date */
  readonly date?: string;
}

/** True time where the controller stands. */
export interface TrueTime {
  readonly date: string;
  readonly time: string;
}

/** Clocks that are half a day off within this had morning and evening swapped when they were set, min. */
const SWAPPED_min = 30;

/**
 * Minutes a controller's clock is ahead of true time (negative when behind). A date counts the days; a weekday alone the shorter way
 * round the week, a time alone the shorter way round midnight. Null when what the controller shows is no time of day.
 */
export function clockError_min(shown: ShownClock, real: TrueTime): number | null {
  const shows = minuteOfDay(shown.time);
  const now = minuteOfDay(real.time);
  if (shows === null || now === null) return null;
  const off = shows - now;
  if (shown.date !== undefined) return off + daysBetween(real.date, shown.date) * DAY_MIN;
  if (shown.weekday !== undefined) {
    return shortestWay(off + (shown.weekday - weekday(real.date)) * DAY_MIN, WEEK_MIN);
  }
  return shortestWay(off, DAY_MIN);
}

function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / 86_400_000);
}

function shortestWay(off: number, round: number): number {
  const over = ((off % round) + round) % round;
  return over > round / 2 ? over - round : over;
}

/** Whether a clock is off as one is whose morning and evening were swapped when it was set. */
export function halfADayOff(error_min: number): boolean {
  return Math.abs((Math.abs(error_min) % DAY_MIN) - DAY_MIN / 2) <= SWAPPED_min;
}

/** How far a clock is off, in words: `right to the minute`, `7 min slow`, `2 days 1 h 5 min fast`. */
export function clockErrorInWords(error_min: number): string {
  if (error_min === 0) return 'right to the minute';
  return `${spanInWords(Math.abs(error_min))} ${error_min > 0 ? 'fast' : 'slow'}`;
}

/** A span of whole minutes in words: `62 min` up to an hour and a half, then hours and days. */
export function spanInWords(minutes: number): string {
  if (minutes <= 90) return `${minutes} min`;
  const days = Math.floor(minutes / DAY_MIN);
  const hours = Math.floor((minutes % DAY_MIN) / 60);
  const rest = minutes % 60;
  return [
    days > 0 ? `${days} ${days === 1 ? 'day' : 'days'}` : '',
    hours > 0 ? `${hours} h` : '',
    rest > 0 ? `${rest} min` : '',
  ]
    .filter(Boolean)
    .join(' ');
}
