import { DAY_MIN, EVERY_DAY } from '../../../time';
import type { PoolDuty } from '../wire/duty';
import type { WantedProgram } from '../wire/programs';

/** Quarters of an hour: the grain in which a week is planned, but for windows that do not keep to it. */
export const SLOT_MIN = 15;

/** What runs in one slot of a day; null while it rests. */
export interface Cell {
  readonly speed_rpm: number;
  readonly circuit: string | null;
  readonly name: string;
}

/** A planned week: for each day, Monday first, what runs in each slot. */
export type WeekGrid = (Cell | null)[][];

/** Where the slots of a day begin, and its end, in minutes: each slot runs from one mark to the next. */
export type DayMarks = readonly number[];

/** Every quarter of an hour. */
export const QUARTERS: DayMarks = Array.from({ length: DAY_MIN / SLOT_MIN + 1 }, (_, i) => i * SLOT_MIN);
export const SLOTS_PER_DAY = QUARTERS.length - 1;

/** The slots that a duty is planned in: quarters of an hour, cut where a quiet hour, a need or a price begins or ends between them, on the
 * steps of its controller. */
export function marksOf({ quiet, needs, tariff }: PoolDuty, step_min = 1): DayMarks {
  const near = (minute: number) => Math.round(minute / step_min) * step_min;
  const own = [
    ...(quiet ? [quiet.from, quiet.to] : []),
    ...needs.flatMap(({ from, to, hours }) => [
      from,
      to,
      ...(hours === null ? [] : [from + Math.ceil((hours * 60) / step_min - 1e-9) * step_min]),
    ]),
    ...tariff.windows.flatMap(({ from, to }) => [near(from), near(to)]),
  ];
  const onStep = QUARTERS.filter((minute) => minute % step_min === 0);
  const marks = new Set([...onStep, ...own.filter((minute) => minute > 0 && minute < DAY_MIN)]);
  return [...marks].sort((a, b) => a - b);
}

export function emptyGrid(marks: DayMarks = QUARTERS): WeekGrid {
  return Array.from({ length: 7 }, () => Array.from({ length: marks.length - 1 }, () => null));
}

interface Run {
  readonly from: number;
  readonly to: number;
  readonly cell: Cell;
}

/**
 * The programs of a planned week, the same runs of several days in one program. Runs over midnight are joined where every day
 * is alike. `wholeDay` says whether the controller takes a start = stop for all day; elsewhere such a run is cut at noon.
 */
export function programsOf(grid: WeekGrid, wholeDay: boolean, marks: DayMarks = QUARTERS): WantedProgram[] {
  const alike = grid.every((day) => day.every((cell, i) => sameCell(cell, grid[0][i])));
  const found = new Map<string, { run: Run; days: string }>();
  const days = alike ? [EVERY_DAY] : Array.from(EVERY_DAY);
  days.forEach((digits, d) => {
    for (const run of runsOf(grid[d], alike, marks)) {
      for (const part of run.to - run.from === DAY_MIN && !wholeDay ? halves(run) : [run]) {
        const key = JSON.stringify([part.from, part.to, part.cell]);
        const known = found.get(key);
        found.set(key, { run: part, days: (known?.days ?? '') + digits });
      }
    }
  });
  return [...found.values()]
    .sort((a, b) => a.run.from - b.run.from || a.days.localeCompare(b.days))
    .map(({ run, days: on }) => ({
      name: run.cell.name,
      days: on,
      start: run.from,
      stop: run.to % DAY_MIN,
      speed_rpm: run.cell.speed_rpm,
      circuit: run.cell.circuit,
    }));
}

function halves(run: Run): Run[] {
  const noon = DAY_MIN / 2;
  return [
    { ...run, from: 0, to: noon },
    { ...run, from: noon, to: DAY_MIN },
  ];
}

/** Runs of a day in minutes; one that goes over midnight ends after the day. */
function runsOf(day: readonly (Cell | null)[], wraps: boolean, marks: DayMarks): Run[] {
  const runs: Run[] = [];
  for (const [i, cell] of day.entries()) {
    const last = runs[runs.length - 1];
    if (!cell) continue;
    if (last && last.to === marks[i] && sameCell(last.cell, cell))
      runs[runs.length - 1] = { ...last, to: marks[i + 1] };
    else runs.push({ from: marks[i], to: marks[i + 1], cell });
  }
  const first = runs[0];
  const last = runs[runs.length - 1];
  if (
    wraps &&
    runs.length > 1 &&
    first.from === 0 &&
    last.to === DAY_MIN &&
    sameCell(first.cell, last.cell)
  ) {
    runs.shift();
    runs[runs.length - 1] = { ...last, to: DAY_MIN + first.to };
  }
  return runs;
}

export function sameCell(a: Cell | null, b: Cell | null): boolean {
  return a === b || (a !== null && b !== null && a.speed_rpm === b.speed_rpm && a.circuit === b.circuit);
}
