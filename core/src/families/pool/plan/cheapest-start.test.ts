import loadHighs from 'highs';
import { cheapestPlan, costOfBlocks, unmetBy, type CheapestProblem } from '../../../schedule';
import { highsSolver, type MixedIntegerSolver } from '../../../solver';
import { EVERY_DAY } from '../../../time';
import { cheapestProblem, costOfPrograms, programsOfAnswer, scopeWords, startOf } from './cheapest';
import type { PoolDuty } from '../wire/duty';
import { contextOf, DUTY, PANEL, PANEL_DUTY, TEN_SLOTS } from '../fixtures';
import { pumpOf } from '../effect/hydraulics';
import { speedRange, tidyPrograms } from './programs';

let solver: MixedIntegerSolver;
beforeAll(async () => {
  solver = highsSolver((await loadHighs()) as never);
});
const FLAT: PoolDuty['tariff'] = {
  currency: 'SKR',
  windows: [{ days: EVERY_DAY, months: null, from: 0, to: 1440, price: 0.25 }],
};
const found = (duty: PoolDuty, timeLimit_s = 12) => {
  const context = contextOf(TEN_SLOTS, duty);
  const problem = cheapestProblem(context);
  const answer = cheapestPlan(problem, solver, { timeLimit_s, start: startOf(context, problem) });
  if (answer.kind !== 'plan') throw new Error(answer.kind);
  return { context, problem, answer };
};

test('the speed of a minimum continuous flow is among those tried: it alone meets everything, and is found cheapest', () => {
  // little water to move, and a flow that must never be left: all day at the speed that just gives it
  const duty: PoolDuty = {
    ...DUTY,
    bodies: [{ ...DUTY.bodies[0], turnoversPerDay: 1 }],
    leastFlow_m3h: 7.3,
    quiet: null,
    longestPause_min: null,
    tariff: FLAT,
  };
  const { context, problem, answer } = found(duty);
  const pump = pumpOf(duty);
  const { step_rpm } = speedRange(context);
  const least = Math.ceil(pump.speedFor_rpm(7.3) / step_rpm - 1e-9) * step_rpm;
  expect(problem.modes.map(({ speed_rpm }) => speed_rpm)).toContain(least);
  const best = ((pump.power_W(least) * 24 * 7) / 1000) * 0.25;
  expect(answer.cost).toBeCloseTo(best, 6);
  expect(answer.proven).toBe(true);
}, 60_000);

test('it is never dearer than the simple plan, nor than what is planned already', () => {
  const planned = [
    { name: 'Filter', days: EVERY_DAY, start: 0, stop: 0, speed_rpm: 1500, circuit: 'Filter' },
  ];
  for (const programs of [null, planned]) {
    const duty: PoolDuty = { ...DUTY, leastFlow_m3h: null, programs };
    const context = contextOf(TEN_SLOTS, duty);
    const problem = cheapestProblem(context);
    const start = startOf(context, problem)!;
    expect(unmetBy(problem, start)).toEqual([]);
    // no time at all to search in: what is there already is the answer
    const answer = cheapestPlan(problem, solver, { timeLimit_s: 0.2, start });
    if (answer.kind !== 'plan') throw new Error(answer.kind);
    expect(answer.cost).toBeLessThanOrEqual(costOfBlocks(problem, start) + 1e-9);
  }
}, 60_000);

test('windows off the quarter hour are kept to the minute, and a need of five minutes stays one of five', () => {
  const duty: PoolDuty = {
    ...DUTY,
    quiet: { from: 1330, to: 365, greatest_rpm: 1500 },
    circuits: [
      ...DUTY.circuits,
      { name: 'Cleaner', kind: 'cleaner', leastFlow_m3h: 12, static_m: 0, exposed: false, place: null },
    ],
    needs: [{ circuit: 'Cleaner', days: EVERY_DAY, from: 601, to: 700, hours: 5 / 60 }],
    tariff: FLAT,
    longestPause_min: null,
    leastRun_min: 0,
  };
  const { problem, answer } = found(duty);
  expect(unmetBy(problem, answer.blocks)).toEqual([]);
  const fast = answer.blocks.filter(({ mode }) => problem.modes[mode].flow_m3h >= 12);
  const minutes = fast.reduce((sum, { start, stop }) => sum + stop - start, 0);
  expect(minutes).toBeGreaterThanOrEqual(5);
  expect(minutes).toBeLessThan(15);
  for (const { start, stop, mode } of answer.blocks) {
    if (problem.modes[mode].speed_rpm <= 1500) continue;
    expect([start >= 365, stop <= 1330 && stop > start]).toEqual([true, true]);
  }
}, 60_000);

test('“proven” says over what, and the cost a month is that of the week as it truly runs', () => {
  const { context, problem, answer } = found(
    { ...DUTY, quiet: null, longestPause_min: null, tariff: FLAT },
    3,
  );
  const words = scopeWords(context, problem);
  expect(words).toMatch(/\d+ speeds from .* to .*quarter hour.*tariff.*Primes are not in it/);
  const programs = programsOfAnswer(context, problem, answer);
  const month = costOfPrograms(context, programs);
  // with the primes of each start, within some minutes of full speed a day
  expect(month).toBeGreaterThanOrEqual((answer.cost * 365.25) / 12 / 7 - 1e-6);
  expect(month).toBeLessThan(((answer.cost * 365.25) / 12 / 7) * 1.2);
}, 60_000);

test('each water of a panel is moved by its own circuit', () => {
  const duty: PoolDuty = {
    ...PANEL_DUTY,
    needs: [],
    bodies: [
      { ...PANEL_DUTY.bodies[0], circuits: ['Filter'] },
      {
        name: 'Tub',
        kind: 'tub',
        shapes: [{ shape: 'round', length_m: 2, width_m: 0 }],
        depth_m: 0.9,
        turnoversPerDay: 6,
        circuits: ['Spa'],
      },
    ],
    circuits: [
      ...PANEL_DUTY.circuits,
      { name: 'Spa', kind: 'spa', leastFlow_m3h: 8, static_m: 0, exposed: false, place: 2 },
    ],
  };
  const context = contextOf(PANEL, duty);
  const problem: CheapestProblem = cheapestProblem(context);
  const start = startOf(context, problem)!;
  expect(start.some(({ mode }) => problem.modes[mode].circuit === 'Spa')).toBe(true);
  expect(tidyPrograms(context).some(({ circuit }) => circuit === 'Spa')).toBe(true);
  const noTub = start.filter(({ mode }) => problem.modes[mode].circuit !== 'Spa');
  expect(unmetBy(problem, noTub)).toContain('turnover');
});
