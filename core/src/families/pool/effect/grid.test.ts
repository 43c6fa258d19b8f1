import fc from 'fast-check';
import { resolveWeek, type WeekProgram } from '../../../schedule';
import { DAY_MIN, EVERY_DAY } from '../../../time';
import { emptyGrid, programsOf, SLOT_MIN, SLOTS_PER_DAY, type Cell, type WeekGrid } from './grid';

const CELLS: readonly (Cell | null)[] = [
  null,
  { speed_rpm: 1200, circuit: 'Filter', name: 'Filter' },
  { speed_rpm: 1800, circuit: 'Filter', name: 'Filter' },
  { speed_rpm: 1800, circuit: 'Cleaner', name: 'Cleaner' },
];

/** Days made of a few runs, as plans are. */
const day = fc
  .array(fc.tuple(fc.nat({ max: CELLS.length - 1 }), fc.integer({ min: 1, max: 40 })), {
    minLength: 1,
    maxLength: 8,
  })
  .map((runs) => {
    const cells = runs.flatMap(([kind, long]) => Array.from({ length: long }, () => CELLS[kind]));
    return Array.from({ length: SLOTS_PER_DAY }, (_, i) => cells[i % cells.length] ?? null);
  });
const week: fc.Arbitrary<WeekGrid> = fc.oneof(
  fc.array(day, { minLength: 7, maxLength: 7 }),
  // every day alike: runs go over midnight
  day.map((one) => Array.from({ length: 7 }, () => [...one])),
);

/** The grid that programs make on a controller where the latest start wins. */
function runAs(programs: ReturnType<typeof programsOf>, wholeDay: boolean): (number | null)[] {
  const stored = programs.map(({ days, start, stop, speed_rpm }, i): WeekProgram => ({
    slot: i + 1,
    days,
    start,
    stop,
    speed: speed_rpm,
    enabled: true,
  }));
  const minutes: (number | null)[] = Array.from({ length: 7 * SLOTS_PER_DAY }, () => null);
  const rules = {
    overlap: 'latest-start',
    resumes: true,
    startEqualsStop: wholeDay ? 'all-day' : 'off',
  } as const;
  for (const { from, to, program } of resolveWeek(stored, rules)) {
    for (let at = from; at < to; at += SLOT_MIN) minutes[at / SLOT_MIN] = program?.speed ?? null;
  }
  return minutes;
}

test.each([true, false])('programs of a planned week run it as planned, whole days %s', (wholeDay) => {
  fc.assert(
    fc.property(week, (grid) => {
      const planned = grid.flat().map((cell) => cell?.speed_rpm ?? null);
      expect(runAs(programsOf(grid, wholeDay), wholeDay)).toEqual(planned);
    }),
    { numRuns: 60 },
  );
});

test('no two programs of a plan overlap, and each has days', () => {
  fc.assert(
    fc.property(week, (grid) => {
      const busy = new Set<number>();
      for (const { days, start, stop } of programsOf(grid, false)) {
        expect(days).toMatch(/^[1-7]+$/);
        expect(start).not.toBe(stop);
        for (const digit of days) {
          const begin = (Number(digit) - 1) * DAY_MIN + start;
          const long = (stop - start + DAY_MIN) % DAY_MIN;
          for (let at = begin; at < begin + long; at += SLOT_MIN) {
            const slot = at % (7 * DAY_MIN);
            expect(busy.has(slot)).toBe(false);
            busy.add(slot);
          }
        }
      }
    }),
    { numRuns: 60 },
  );
});

describe('as few programs as it takes', () => {
  const filled = (from: number, to: number, days = EVERY_DAY) => {
    const grid = emptyGrid();
    for (const digit of days) for (let i = from; i < to; i++) grid[Number(digit) - 1][i] = CELLS[1];
    return grid;
  };
  test('one for a run that is the same on several days', () => {
    expect(programsOf(filled(32, 40, '135'), false)).toEqual([
      { name: 'Filter', days: '135', start: 480, stop: 600, speed_rpm: 1200, circuit: 'Filter' },
    ]);
  });
  test('one over midnight where every day is alike, two where the days differ', () => {
    const night = filled(0, 20);
    for (const one of night) for (let i = 90; i < 96; i++) one[i] = CELLS[1];
    expect(programsOf(night, false)).toMatchObject([{ days: EVERY_DAY, start: 1350, stop: 300 }]);
    night[6][95] = null;
    expect(programsOf(night, false).length).toBeGreaterThan(1);
  });
  test('a whole day is one start = stop where the controller means that by it, else cut at noon', () => {
    expect(programsOf(filled(0, 96), true)).toMatchObject([{ start: 0, stop: 0 }]);
    expect(programsOf(filled(0, 96), false)).toMatchObject([
      { start: 0, stop: 720 },
      { start: 720, stop: 0 },
    ]);
  });
  test('none for a week at rest', () => {
    expect(programsOf(emptyGrid(), true)).toEqual([]);
  });
});
