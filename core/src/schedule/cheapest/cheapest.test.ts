import fc from 'fast-check';
import loadHighs from 'highs';
import { highsSolver, type MixedIntegerSolver } from '../../solver';
import { cheapestTwoPrice } from '../two-price';
import {
  cheapestPlan,
  evenMarks,
  unmetBy,
  type CheapestProblem,
  type DayClass,
  type PlanMode,
} from './index';

let solver: MixedIntegerSolver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as never);
});

const POINT = { speed_rpm: 2000, flow_m3h: 11.5, power_W: 420 };
const mode = (speed_rpm: number, exponent = 3): PlanMode => ({
  speed_rpm,
  flow_m3h: (POINT.flow_m3h * speed_rpm) / POINT.speed_rpm,
  power_W: POINT.power_W * (speed_rpm / POINT.speed_rpm) ** exponent,
  circuit: null,
});
/** One water that every way to run turns over. */
const water = (volume_m3: number) => [{ volume_m3, counts: Array.from({ length: 40 }, () => true) }];
const day = (price: readonly number[], volume_m3: number, more: Partial<DayClass> = {}): DayClass => ({
  days: '1234567',
  price,
  volumes: water(volume_m3),
  cap_rpm: price.map(() => null),
  needs: [],
  ...more,
});
const problem = ({
  slots,
  ...given
}: Partial<CheapestProblem> &
  Pick<CheapestProblem, 'modes' | 'classes'> & { readonly slots: number }): CheapestProblem => ({
  marks: evenMarks(slots),
  everyDayOnly: false,
  maxPrograms: 8,
  leastRun_min: 0,
  longestPause_min: null,
  leastFlow_m3h: null,
  wholeDay: true,
  oneSpeedPerCircuit: false,
  ...given,
});
const SOON = { timeLimit_s: 20 };

test('two prices and no other limits: the speeds stand in the ratio of the roots, within a step', () => {
  const cheap = { hours: 14, price: 0.18 };
  const dear = { hours: 10, price: 0.4 };
  const step = 50;
  const modes = Array.from({ length: 31 }, (_, i) => mode(600 + i * step));
  const prices = Array.from({ length: 24 }, (_, hour) => (hour < 14 ? cheap.price : dear.price));
  const volume = 118;
  const answer = cheapestPlan(problem({ slots: 24, modes, classes: [day(prices, volume)] }), solver, SOON);
  const closed = cheapestTwoPrice(volume, POINT, cheap, dear);
  if (answer.kind !== 'plan') throw new Error(answer.kind);
  const speedsAt = (from: number, to: number) =>
    answer.blocks.flatMap((block) =>
      block.start < to * 60 && (block.stop || 1440) > from * 60 ? [modes[block.mode].speed_rpm] : [],
    );
  for (const speed of speedsAt(0, 14))
    expect(Math.abs(speed - closed.speedCheap_rpm)).toBeLessThanOrEqual(step);
  for (const speed of speedsAt(14, 24))
    expect(Math.abs(speed - closed.speedDear_rpm)).toBeLessThanOrEqual(step);
  // steps and whole hours cost a little; nothing is cheaper than the closed form
  expect(answer.cost).toBeGreaterThanOrEqual(7 * closed.cost * (1 - 1e-9));
  expect(answer.cost).toBeLessThan(7 * closed.cost * 1.01);
  expect(answer.bound).toBeLessThanOrEqual(answer.cost);
}, 60_000);

/** Every way to run a small day, tried one after another. */
function bruteForce({
  marks,
  modes,
  classes,
  maxPrograms,
  longestPause_min,
}: CheapestProblem): number | null {
  const slots = marks.length - 1;
  const longestPause = longestPause_min === null ? null : (longestPause_min * slots) / 1440;
  const [only] = classes;
  let best: number | null = null;
  const ways = (modes.length + 1) ** slots;
  for (let way = 0; way < ways; way++) {
    const row: number[] = [];
    for (let rest = way, t = 0; t < slots; t++, rest = Math.floor(rest / (modes.length + 1))) {
      row.push((rest % (modes.length + 1)) - 1);
    }
    const hours = 24 / slots;
    const moved = row.reduce((sum, s) => sum + (s < 0 ? 0 : modes[s].flow_m3h * hours), 0);
    if (moved < only.volumes[0].volume_m3 - 1e-6) continue;
    const starts = row.filter((s, t) => s >= 0 && row[(t + slots - 1) % slots] !== s).length;
    const whole = row[0] >= 0 && row.every((s) => s === row[0]);
    if ((whole ? 1 : starts) > maxPrograms) continue;
    if (longestPause !== null) {
      let still = 0;
      let longest = 0;
      for (const s of [...row, ...row]) {
        still = s >= 0 ? 0 : still + 1;
        longest = Math.max(longest, still);
      }
      if (Math.min(longest, slots) > longestPause) continue;
    }
    const cost = row.reduce(
      (sum, s, t) => sum + (s < 0 ? 0 : (7 * only.price[t] * modes[s].power_W * hours) / 1000),
      0,
    );
    if (best === null || cost < best) best = cost;
  }
  return best;
}

test('small days: never worse than every way tried, and no plan where no way is one', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 5, max: 60 }), { minLength: 6, maxLength: 6 }),
      fc.integer({ min: 20, max: 340 }),
      fc.integer({ min: 1, max: 3 }),
      fc.option(fc.integer({ min: 1, max: 4 })),
      (cents, volume, maxPrograms, longestPause) => {
        const small = problem({
          slots: 6,
          modes: [mode(900), mode(1700), mode(2600)],
          classes: [
            day(
              cents.map((price) => price / 100),
              volume,
            ),
          ],
          maxPrograms,
          longestPause_min: longestPause === null ? null : longestPause * 240,
        });
        const answer = cheapestPlan(small, solver, SOON);
        const best = bruteForce(small);
        if (best === null) expect(answer.kind).toBe('none');
        else if (answer.kind !== 'plan') throw new Error(`${answer.kind}, though ${best} is possible`);
        else {
          expect(answer.cost).toBeGreaterThanOrEqual(best * (1 - 1e-9));
          expect(answer.cost).toBeLessThanOrEqual(best * (1 + 1.2e-3) + 1e-9);
          expect(answer.bound).toBeLessThanOrEqual(best * (1 + 1e-6));
          expect(answer.blocks.length).toBeLessThanOrEqual(maxPrograms);
          expect(unmetBy(small, answer.blocks)).toEqual([]);
        }
      },
    ),
    { numRuns: 25 },
  );
}, 120_000);

test('weekdays and weekends share the places; a need, quiet hours and the shortest run are kept', () => {
  const modes = [mode(900), mode(1500), mode(2200)];
  const dear = Array.from({ length: 24 }, (_, h) => (h >= 17 && h < 21 ? 0.5 : 0.2));
  const flat = dear.map(() => 0.2);
  const cap = dear.map((_, h) => (h < 6 ? 1500 : null));
  const need = { name: 'Cleaner', from: 10, to: 16, minutes: 120, serves: [false, false, true] };
  const answer = cheapestPlan(
    problem({
      slots: 24,
      modes,
      classes: [
        day(dear, 130, { days: '12345', cap_rpm: cap, needs: [need] }),
        day(flat, 130, { days: '67', cap_rpm: cap }),
      ],
      maxPrograms: 4,
      leastRun_min: 120,
    }),
    solver,
    // what it keeps is looked at, and not that nothing is cheaper
    { timeLimit_s: 8 },
  );
  if (answer.kind !== 'plan') throw new Error(answer.kind);
  expect(answer.blocks.length).toBeLessThanOrEqual(4);
  const cleaning = answer.blocks.filter(
    (block) => modes[block.mode].speed_rpm === 2200 && block.days.includes('1'),
  );
  const minutes = cleaning.reduce(
    (sum, { start, stop }) => sum + Math.min(stop, 960) - Math.max(start, 600),
    0,
  );
  expect(minutes).toBeGreaterThanOrEqual(120);
  for (const { start, stop, mode: s } of answer.blocks) {
    expect((stop - start + 1440) % 1440 === 0 || (stop - start + 1440) % 1440 >= 120).toBe(true);
    if (start < 360) expect(modes[s].speed_rpm).toBeLessThanOrEqual(1500);
  }
}, 60_000);

describe('where no plan meets everything, the demands in the way are named', () => {
  const modes = [mode(900), mode(1500)];
  const flat = Array.from({ length: 24 }, () => 0.2);
  const quiet = flat.map((_, h) => (h < 12 ? 900 : null));
  test('a turnover that quiet hours do not leave room for', () => {
    const answer = cheapestPlan(
      problem({ slots: 24, modes, classes: [day(flat, 180, { cap_rpm: quiet })] }),
      solver,
      SOON,
    );
    expect(answer).toEqual({ kind: 'none', conflict: ['turnover', 'quiet'] });
  });
  test('more blocks than slots: a pause and a minimum run that one program cannot give', () => {
    const need = { name: 'Cleaner', from: 8, to: 10, minutes: 120, serves: [false, true] };
    const answer = cheapestPlan(
      problem({
        slots: 24,
        modes,
        classes: [
          day(flat, 10, { needs: [need], cap_rpm: flat.map((_, h) => (h < 8 || h >= 10 ? 900 : null)) }),
        ],
        longestPause_min: 180,
        maxPrograms: 1,
      }),
      solver,
      SOON,
    );
    expect(answer).toEqual({ kind: 'none', conflict: ['need:Cleaner', 'pause', 'quiet', 'slots'] });
  });
  test('near miss: one more place, and there is a plan', () => {
    const need = { name: 'Cleaner', from: 8, to: 10, minutes: 120, serves: [false, true] };
    const answer = cheapestPlan(
      problem({
        slots: 24,
        modes,
        classes: [
          day(flat, 10, { needs: [need], cap_rpm: flat.map((_, h) => (h < 8 || h >= 10 ? 900 : null)) }),
        ],
        longestPause_min: 180,
        maxPrograms: 6,
      }),
      solver,
      SOON,
    );
    expect(answer.kind).toBe('plan');
  });
});
