import { limitFor, readIn } from '../../../profile';
import { DAY_MIN, timeOfDay } from '../../../time';
import { fig } from '../../../units';
import {
  circulates,
  cleanUpsOf,
  filterHours_h,
  hoursOf,
  pauses_min,
  minutesOf,
  type Run,
} from '../effect/cycles';
import { rowOf } from '../effect/match';
import type { SpaDuty } from '../wire/duty';
import type { SpaDraft } from './draft';

/** No start is finer than this: nobody tells a quarter of an hour from the next. */
const GRID_min = 15;
const COARSE_min = 30;

/** Minutes of a day that are quiet, and that are dear. */
export interface Shunned {
  readonly quiet: Uint8Array;
  readonly dear: Uint8Array;
}

export function shunnedOf({ quiet, prices }: Pick<SpaDuty, 'quiet' | 'prices'>): Shunned {
  const all = prices.map(({ price }) => price);
  const [least, most] = [Math.min(...all), Math.max(...all)];
  // one price all day has no dear hours
  const dear = most > least ? prices.filter(({ price }) => price === most) : [];
  return { quiet: minutesOf(quiet), dear: minutesOf(dear) };
}

/** How the panel gives its cycles: a start each with a length, or one that repeats. */
export interface CycleShape {
  readonly kind: 'starts' | 'interval';
  /** how many a day can be given */
  readonly counts: readonly number[];
  /** starts that its display can show are so far apart */
  readonly startStep_min: number;
  readonly lengthStep_min: number;
  readonly mostLength_min: number;
}

export interface PlannedCycles {
  readonly starts: readonly number[];
  readonly length_min: number;
  /** of them, minutes in which a clean-up run filters anyway: they add nothing */
  readonly twice_min: number;
  readonly quiet_min: number;
  readonly dear_min: number;
  readonly stand_min: number;
  /** squares of all pauses: of two with one longest pause, the one whose others are even is better */
  readonly uneven: number;
}

/**
 * Cycles that come to a number of minutes a day: outside quiet hours first, then outside the dearest, and spread so that the longest stand is
 * least. The best of every start on a grid, whatever it is; null where as many minutes cannot be had.
 *
 * @param fixed when water moves anyway: clean-up runs, bathing
 */
export function spreadCycles(
  needed_min: number,
  shape: CycleShape,
  { quiet, dear }: Shunned,
  fixed: readonly Run[],
  cleaned: readonly Run[] = [],
): PlannedCycles | null {
  let best: PlannedCycles | null = null;
  for (const count of shape.counts) {
    const length = Math.ceil(needed_min / count / shape.lengthStep_min - 1e-9) * shape.lengthStep_min;
    if (length > shape.mostLength_min || length * count > DAY_MIN + 1e-9) continue;
    const found = bestOf(
      count,
      Math.max(shape.lengthStep_min, length),
      shape,
      { quiet, dear },
      fixed,
      cleaned,
    );
    if (!best || isBetter(found, best)) best = found;
  }
  return best;
}

function isBetter(a: PlannedCycles, b: PlannedCycles): boolean {
  if (a.twice_min !== b.twice_min) return a.twice_min < b.twice_min;
  if (a.quiet_min !== b.quiet_min) return a.quiet_min < b.quiet_min;
  if (a.dear_min !== b.dear_min) return a.dear_min < b.dear_min;
  if (a.stand_min !== b.stand_min) return a.stand_min < b.stand_min;
  return a.uneven < b.uneven;
}

function bestOf(
  count: number,
  length_min: number,
  { kind, startStep_min }: Pick<CycleShape, 'kind' | 'startStep_min'>,
  { quiet, dear }: Shunned,
  fixed: readonly Run[],
  cleaned: readonly Run[],
): PlannedCycles {
  const wanted = kind === 'starts' && count > 2 ? COARSE_min : GRID_min;
  const grid = Math.ceil(wanted / startStep_min) * startStep_min;
  const [inQuiet, inDear] = [sumsOver(quiet, length_min), sumsOver(dear, length_min)];
  const inCleaned = sumsOver(minutesOf(cleaned), length_min);
  let best: PlannedCycles | null = null;
  for (const starts of startsOf(count, length_min, kind, grid)) {
    const sum = (of: (start: number) => number) => starts.reduce((all, start) => all + of(start), 0);
    const [quiet_min, dear_min] = [sum(inQuiet), sum(inDear)];
    const twice_min = sum(inCleaned);
    if (best && twice_min > best.twice_min) continue;
    if (
      best &&
      twice_min === best.twice_min &&
      (quiet_min > best.quiet_min || (quiet_min === best.quiet_min && dear_min > best.dear_min))
    )
      continue;
    const runs = starts.map((from): Run => ({ from, to: (from + length_min) % DAY_MIN || DAY_MIN }));
    const pauses = pauses_min([...runs, ...fixed]);
    const stand_min = Math.max(...pauses);
    const uneven = pauses.reduce((sum, pause) => sum + pause * pause, 0);
    const found: PlannedCycles = { starts, length_min, twice_min, quiet_min, dear_min, stand_min, uneven };
    if (!best || isBetter(found, best)) best = found;
  }
  // there is a first start always
  return best!;
}

/** Minutes of a mask from a start on for a length, quickly: by sums from midnight on, twice round. */
function sumsOver(mask: Uint8Array, length_min: number): (start: number) => number {
  const sums = new Float64Array(2 * DAY_MIN + 1);
  for (let at = 0; at < 2 * DAY_MIN; at++) sums[at + 1] = sums[at] + mask[at % DAY_MIN];
  return (start) => sums[start + length_min] - sums[start];
}

/** Every way to begin so many cycles in a day that do not run into each other. */
function* startsOf(
  count: number,
  length_min: number,
  kind: CycleShape['kind'],
  grid: number,
): Generator<number[]> {
  if (kind === 'interval') {
    const every = DAY_MIN / count;
    for (let start = 0; start < every; start += grid)
      yield Array.from({ length: count }, (_, i) => start + i * every);
    return;
  }
  yield* further([], 0);
  function* further(before: readonly number[], from: number): Generator<number[]> {
    if (before.length === count) {
      yield [...before];
      return;
    }
    const last = before.length > 0 ? before[0] + DAY_MIN - length_min : DAY_MIN - 1;
    for (let start = from; start < DAY_MIN && start <= last; start += grid)
      yield* further([...before, start], start + Math.ceil(length_min / grid) * grid);
  }
}

/** Filter cycles: as long as the turnovers need, clean-up runs counted in. */
export function planCycles(draft: SpaDraft): void {
  const { duty, table } = draft.context;
  const { number, cleanUp_min } = draft.settings();
  const needed_h = filterHours_h(duty);
  const [start, length] = [draft.of('cycle.start'), draft.of('cycle.length')];
  if (needed_h === null || !length || circulates(draft.context, rowOf(table, number))) return;
  const places = start ? placesOfStarts(draft) : 1;
  const interval = draft.of('cycle.interval');
  const values = draft.values();
  const unit_min = readIn(length, 'minutes', 1) ?? 1;
  const cleaned = cleanUpsOf(duty, cleanUp_min);
  // jets move the water too, though nobody counts on them to filter
  const fixed = [...cleaned, ...duty.baths];
  const cleaned_h = hoursOf(cleaned);
  const shape: CycleShape = {
    kind: interval ? 'interval' : 'starts',
    counts: interval ? intervalCounts(draft) : [places],
    startStep_min: start?.step ?? 1,
    lengthStep_min: (length.step ?? 1) * unit_min,
    mostLength_min: (limitFor(length.greatest, values) ?? Infinity) * unit_min,
  };
  const needed_min = Math.max(0, Math.min(24, needed_h) - cleaned_h) * 60;
  const spread = filledUp(needed_min, (minutes) =>
    spreadCycles(minutes, shape, shunnedOf(duty), fixed, cleaned),
  );
  // as long as it goes: what is still short is said of the settings
  const cycles =
    spread ?? bestOf(shape.counts.at(-1)!, longest(shape), shape, shunnedOf(duty), fixed, cleaned);
  const why = {
    text: spread ? 'cycle.turnover' : 'cycle.most',
    values: { hours: fig('hours', Math.min(24, needed_h)), stand: fig('hours', cycles.stand_min / 60) },
  } as const;
  if (interval) draft.set('cycle.interval', DAY_MIN / cycles.starts.length, why);
  draft.set('cycle.length', cycles.length_min, why, 'up');
  const timed = start ? (interval ? cycles.starts.slice(0, 1) : cycles.starts) : [];
  timed.forEach((from, i) => {
    draft.put(
      'cycle.start',
      from,
      { text: 'cycle.spread', values: { at: timeOfDay(from), stand: fig('hours', cycles.stand_min / 60) } },
      i + 1,
    );
    if (i > 0 && draft.of('cycle.length', i + 1) && draft.of('cycle.length', i + 1) !== length)
      draft.set('cycle.length', cycles.length_min, why, 'up', i + 1);
  });
}

/** Cycles that filter as long as is needed once what clean-up runs filter anyway is not counted twice. */
function filledUp(
  needed_min: number,
  spread: (minutes: number) => PlannedCycles | null,
): PlannedCycles | null {
  let asked = needed_min;
  let best = spread(asked);
  for (let i = 0; i < TRIES && best; i++) {
    const short = needed_min - (best.length_min * best.starts.length - best.twice_min);
    if (short <= 1e-9) return best;
    asked += short;
    best = spread(asked) ?? best;
  }
  return best;
}
const TRIES = 4;

function placesOfStarts(draft: SpaDraft): number {
  return Math.max(1, draft.settings().cycles.starts.length);
}

/** The longest cycle that as many as there are can have. */
function longest({ counts, mostLength_min, lengthStep_min }: CycleShape): number {
  const room = Math.min(mostLength_min, DAY_MIN / counts.at(-1)!);
  return Math.max(lengthStep_min, Math.floor(room / lengthStep_min) * lengthStep_min);
}

/** How often a day it can repeat: whole parts of a day that its interval takes. */
function intervalCounts(draft: SpaDraft): number[] {
  const interval = draft.of('cycle.interval')!;
  const unit_min = readIn(interval, 'minutes', 1) ?? 1;
  const values = draft.values();
  const [least, most] = [limitFor(interval.least, values) ?? 1, limitFor(interval.greatest, values) ?? 24];
  const fitting = [1, 2, 3, 4, 6, 8].filter((count) => {
    const every = DAY_MIN / count / unit_min;
    return every >= least && every <= most;
  });
  return fitting.length > 0 ? fitting : [1];
}
