import { tzOffset } from '@date-fns/tz';
import { InputError } from '../input';
import { DAY_MIN, timeOfDay } from './day';
import { addDays, dateInWords } from './site-date';

/** A night on which the clocks of a zone change. */
export interface ClockChange {
  /** the date on which it happens */
  readonly date: string;
  /** minute of that day, by the clock before the change */
  readonly at_min: number;
  /** how far the clock is put forward; negative when it is put back */
  readonly by_min: number;
}

/** Throws an InputError on `zone` for a name that is no time zone. */
export function checkedZone(zone: string): string {
  if (Number.isNaN(tzOffset(zone, new Date(0)))) {
    throw new InputError('zone', `“${zone}” is no time zone. Write it as Region/City, e.g. Atlantic/Faroe.`);
  }
  return zone;
}

/** Looked up on every check of a sheet, and always for the same few zones and days. */
const KNOWN = new Map<string, ClockChange[]>();
const MOST_KNOWN = 200;

/** The next changes of a zone's clock within a year after a date; none where the clock never changes. */
export function clockChanges(zone: string, from: string): readonly ClockChange[] {
  const key = `${zone} ${from}`;
  const known = KNOWN.get(key);
  if (known) return known;
  const changes = changesAfter(zone, from);
  if (KNOWN.size >= MOST_KNOWN) KNOWN.clear();
  KNOWN.set(key, changes);
  return changes;
}

function changesAfter(zone: string, from: string): ClockChange[] {
  checkedZone(zone);
  const changes: ClockChange[] = [];
  // a day before, since a zone may lie a day ahead of or behind the date as such
  const first = Date.parse(`${from}T00:00:00Z`) - DAY_ms;
  for (let day = 0; day < 368; day++) {
    const start = first + day * DAY_ms;
    const before = offset(zone, start);
    if (offset(zone, start + DAY_ms) === before) continue;
    const change = changeAt(zone, instantOfChange(zone, start, before), before);
    if (change.date >= from && change.date < addDays(from, 366)) changes.push(change);
  }
  return changes;
}

const DAY_ms = 86_400_000;

/** The instant of a change, found by halving the UTC day that it lies in, to the minute. */
function instantOfChange(zone: string, start: number, before: number): number {
  let low = 0;
  let high = DAY_MIN;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (offset(zone, start + middle * 60_000) === before) low = middle;
    else high = middle;
  }
  return start + high * 60_000;
}

/** The change on the wall clock that stood before it. One that is put back at midnight repeats the hours of the day that ends. */
function changeAt(zone: string, instant: number, before: number): ClockChange {
  const by_min = offset(zone, instant) - before;
  const wall = new Date(instant + before * 60_000).toISOString();
  const date = wall.slice(0, 10);
  const at_min = Number(wall.slice(11, 13)) * 60 + Number(wall.slice(14, 16));
  return by_min < 0 && at_min === 0
    ? { date: addDays(date, -1), at_min: DAY_MIN, by_min }
    : { date, at_min, by_min };
}

/** Minutes ahead of UTC at an instant. */
function offset(zone: string, instant: number): number {
  return tzOffset(zone, new Date(instant));
}

/** How often a time stands on the clock of a date: once, never, or twice, on the nights the clocks change. */
export function timesOnClock(zone: string, date: string, minute: number): 0 | 1 | 2 {
  const change = clockChanges(zone, date).find((candidate) => candidate.date === date);
  if (!change) return 1;
  const { at_min, by_min } = change;
  if (by_min > 0) return minute >= at_min && minute < at_min + by_min ? 0 : 1;
  return minute >= at_min + by_min && minute < at_min ? 2 : 1;
}

/** What happens to a program's time on the nights the clocks change, in words; null when nothing does. */
export function wordsOfNight(zone: string, from: string, minute: number): string | null {
  for (const change of clockChanges(zone, from)) {
    const times = timesOnClock(zone, change.date, minute);
    if (times === 0)
      return `On ${dateInWords(change.date)} there is no ${timeOfDay(minute)}: the clock skips it.`;
    if (times === 2) return `On ${dateInWords(change.date)} ${timeOfDay(minute)} comes twice.`;
  }
  return null;
}
