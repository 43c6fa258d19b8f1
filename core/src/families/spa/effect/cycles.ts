import { inWindow, type DayWindow } from '../../../schedule';
import { DAY_MIN } from '../../../time';
import type { SpaContext } from '../settings/context';
import type { SpaSettings } from '../settings/understand';
import type { SpaDuty } from '../wire/duty';
import type { TableRow } from '../wire/table';

/** A stretch of the day that filters; one that ends before it begins runs over midnight. */
export type Run = DayWindow;

/** Flow that filters: of the circulation pump, else of the first pump at low speed; null while nobody knows it. */
export function filterFlow_m3h({
  circulation,
  pumps,
}: Pick<SpaDuty, 'circulation' | 'pumps'>): number | null {
  return circulation ? circulation.flow_m3h : pumps[0].low_m3h;
}

/** Turnovers that are held: those wanted, and where several households use it those of the code. */
export function turnoversOf({ wanted, code }: SpaDuty): number {
  return Math.max(wanted.turnovers, code?.turnovers ?? 0);
}

/** Hours of filtering a day: turnovers·V/q, and those that the code asks for; null while the flow is not known. More than 24 cannot be had. */
export function filterHours_h(duty: SpaDuty): number | null {
  const flow = filterFlow_m3h(duty);
  if (flow === null) return null;
  const byTurnover = (turnoversOf(duty) * duty.tub.volume_L) / 1000 / flow;
  return Math.max(byTurnover, duty.code?.circulation_h ?? 0);
}

/** The runs of a day that settings give; null where they are not known. */
export function runsOf({ cycles }: Pick<SpaSettings, 'cycles'>): readonly Run[] | null {
  const { starts, lengths_min, interval_min } = cycles;
  const [first, length] = [starts[0] ?? null, lengths_min[0] ?? null];
  if (interval_min !== null) {
    if (length === null || interval_min <= 0) return null;
    const count = Math.max(1, Math.floor(DAY_MIN / interval_min));
    return Array.from({ length: count }, (_, i) => runFrom((first ?? 0) + i * interval_min, length));
  }
  const known = starts.flatMap((start, i) => {
    const long = lengths_min[i] ?? null;
    return start === null || long === null || long === 0 ? [] : [runFrom(start, long)];
  });
  // a second cycle that was not read may be off; without the first nothing is known
  return first === null || length === null ? null : known;
}

function runFrom(start: number, length_min: number): Run {
  const from = start % DAY_MIN;
  return length_min >= DAY_MIN
    ? { from: 0, to: DAY_MIN }
    : { from, to: (from + length_min) % DAY_MIN || DAY_MIN };
}

/** What cleans up after each bath. */
export function cleanUpsOf({ baths }: Pick<SpaDuty, 'baths'>, cleanUp_min: number | null): readonly Run[] {
  return cleanUp_min === null || cleanUp_min === 0 ? [] : baths.map(({ to }) => runFrom(to, cleanUp_min));
}

/** Each minute of a day: whether water moves in one of these. */
export function minutesOf(runs: readonly Run[]): Uint8Array {
  const minutes = new Uint8Array(DAY_MIN);
  for (const { from, to } of runs)
    for (let minute = 0; minute < DAY_MIN; minute++) if (inWindow(minute, from, to)) minutes[minute] = 1;
  return minutes;
}

/** Hours of a day in which water moves. */
export function hoursOf(runs: readonly Run[]): number {
  return minutesOf(runs).reduce((sum, one) => sum + one, 0) / 60;
}

/** The longest time that water stands, min: around midnight too; a whole day where it never moves. */
export function longestStand_min(minutes: Uint8Array): number {
  let longest = 0;
  let stands = 0;
  for (let at = 0; at < 2 * DAY_MIN; at++) {
    stands = minutes[at % DAY_MIN] === 1 ? 0 : stands + 1;
    longest = Math.max(longest, stands);
  }
  return Math.min(DAY_MIN, longest);
}

/** The times between runs of a day, min, quickly; the whole day where there are none. */
export function pauses_min(runs: readonly Run[]): number[] {
  const parts = runs
    .flatMap(({ from, to }) => (from < to ? [[from, to]] : [[from, DAY_MIN], ...(to > 0 ? [[0, to]] : [])]))
    .sort((a, b) => a[0] - b[0]);
  if (parts.length === 0) return [DAY_MIN];
  const pauses: number[] = [];
  let until = parts[0][1];
  for (const [from, to] of parts) {
    if (from > until) pauses.push(from - until);
    until = Math.max(until, to);
  }
  return [...pauses, Math.max(0, parts[0][0] + DAY_MIN - until)];
}

/** Whether water moves by itself the whole day: a circulation pump that this pack never stands. */
export function circulates(
  { duty, profile }: Pick<SpaContext, 'duty' | 'profile'>,
  row: TableRow | null,
): boolean {
  return profile.behaviours.circulatesAlways && duty.circulation !== null && row?.circulation === true;
}
