import { DAY_MIN, EVERY_DAY } from '../../time';
import type { WantedProgram } from './duty';

/** Quarters of an hour in a day: the grain in which a week is planned. */
export const SLOTS_PER_DAY = 96;
export const SLOT_MIN = DAY_MIN / SLOTS_PER_DAY;

/** What runs in one quarter of an hour; null while it rests. */
export interface Cell {
  readonly speed_rpm: number;
  readonly circuit: string | null;
  readonly name: string;
}

/** A planned week: for each day, Monday first, what runs in each quarter of an hour. */
export type WeekGrid = (Cell | null)[][];

export function emptyGrid(): WeekGrid {
  return Array.from({ length: 7 }, () => Array.from({ length: SLOTS_PER_DAY }, () => null));
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
export function programsOf(grid: WeekGrid, wholeDay: boolean): WantedProgram[] {
  const alike = grid.every((day) => day.every((cell, i) => sameCell(cell, grid[0][i])));
  const found = new Map<string, { run: Run; days: string }>();
  const days = alike ? [EVERY_DAY] : Array.from(EVERY_DAY);
  days.forEach((digits, d) => {
    for (const run of runsOf(grid[d], alike)) {
      for (const part of run.to - run.from === SLOTS_PER_DAY && !wholeDay ? halves(run) : [run]) {
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
      start: run.from * SLOT_MIN,
      stop: (run.to * SLOT_MIN) % DAY_MIN,
      speed_rpm: run.cell.speed_rpm,
      circuit: run.cell.circuit,
    }));
}

function halves(run: Run): Run[] {
  const noon = SLOTS_PER_DAY / 2;
  return [
    { ...run, from: 0, to: noon },
    { ...run, from: noon, to: SLOTS_PER_DAY },
  ];
}

function runsOf(day: readonly (Cell | null)[], wraps: boolean): Run[] {
  const runs: Run[] = [];
  for (const [i, cell] of day.entries()) {
    const last = runs[runs.length - 1];
    if (!cell) continue;
    if (last && last.to === i && sameCell(last.cell, cell)) runs[runs.length - 1] = { ...last, to: i + 1 };
    else runs.push({ from: i, to: i + 1, cell });
  }
  const first = runs[0];
  const last = runs[runs.length - 1];
  if (
    wraps &&
    runs.length > 1 &&
    first.from === 0 &&
    last.to === SLOTS_PER_DAY &&
    sameCell(first.cell, last.cell)
  ) {
    runs.shift();
    runs[runs.length - 1] = { ...last, to: SLOTS_PER_DAY + first.to };
  }
  return runs;
}

export function sameCell(a: Cell | null, b: Cell | null): boolean {
  return a === b || (a !== null && b !== null && a.speed_rpm === b.speed_rpm && a.circuit === b.circuit);
}
