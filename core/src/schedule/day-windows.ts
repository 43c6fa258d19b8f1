import { DAY_MIN, EVERY_DAY, onDay } from '../time';

/** A window of the day; one that ends before it begins runs over midnight, and belongs to the day it begins on. */
export interface DayWindow {
  readonly from: number;
  readonly to: number;
}

/** Whether a minute of the day lies in a window. */
export function inWindow(minute: number, from: number, to: number): boolean {
  return from < to ? minute >= from && minute < to : minute >= from || minute < to;
}

/** Minutes of a stretch of the week (minutes from Monday 0:00) that lie in a window on its days. */
export function minutesInWindow(
  { from, to }: { readonly from: number; readonly to: number },
  window: DayWindow,
  days = EVERY_DAY,
): number {
  const long = window.from < window.to ? window.to - window.from : window.to + DAY_MIN - window.from;
  let minutes = 0;
  // from the day before: its window may run over midnight into this stretch; and over the end of the week
  for (let day = Math.floor(from / DAY_MIN) - 1; day * DAY_MIN < to; day++) {
    if (!onDay(days, ((day + 7) % 7) + 1)) continue;
    const begins = day * DAY_MIN + window.from;
    minutes += Math.max(0, Math.min(to, begins + long) - Math.max(from, begins));
  }
  return minutes;
}
