import loadHighs from 'highs';
import { InputError } from '../../../input';
import { cheapestPlan } from '../../../schedule';
import { highsSolver } from '../../../solver';
import { EVERY_DAY } from '../../../time';
import { type PoolDuty, poolDutySchema } from '../wire/duty';
import { type WantedProgram } from '../wire/programs';
import { contextOf, DUTY, FOUR_SPEEDS, LINK, PANEL, PANEL_DUTY, TEN_SLOTS } from '../fixtures';
import { cheapestProblem, conflictWords, programsOfAnswer } from './cheapest';
import { emptyGrid, programsOf } from '../effect/grid';
import { frostNightCost, frostyWeek } from '../effect/frost-night';
import { checkPlan } from '../checks/checks';
import { planPool } from './plan';
import { programGroup } from '../settings/program-group';
import { pumpOf, wallSpeed } from '../effect/hydraulics';
import { roofDay } from '../effect/roof-day';
import { tidyPrograms } from './programs';
import { trueWeek, weekSums } from '../effect/week';
import { understand } from '../settings/understand';

const program = (start: number, stop: number, more: Partial<WantedProgram> = {}): WantedProgram => ({
  name: 'Filter',
  days: EVERY_DAY,
  start,
  stop,
  speed_rpm: 1500,
  circuit: 'Filter',
  ...more,
});
const planned = (profile = TEN_SLOTS, change: Partial<PoolDuty> = {}) =>
  planPool(contextOf(profile, { ...DUTY, ...change }));
const value = (plan: ReturnType<typeof planPool>, key: string) =>
  plan.targets.find((target) => target.key === key)?.value;

describe('slots', () => {
  test('schedules stand where no key is, the keyed slots are switched off', () => {
    const plan = planned(TEN_SLOTS, { programs: [program(0, 360), program(360, 720)] });
    expect([value(plan, 'start/5'), value(plan, 'stop/5'), value(plan, 'enable/5')]).toEqual([0, 360, 'on']);
    expect([value(plan, 'start/6'), value(plan, 'enable/6')]).toEqual([360, 'on']);
    expect([value(plan, 'enable'), value(plan, 'enable/7')]).toEqual(['off', 'off']);
  });
  test('first slots when the keys are to be used', () => {
    expect(
      value(planned(TEN_SLOTS, { programs: [program(0, 360)], choices: { keys: 'first-slots' } }), 'start'),
    ).toBe(0);
  });
  test('more blocks than slots, and weekdays on a controller that has none, are said and not dropped silently', () => {
    const many = Array.from({ length: 5 }, (_, i) => program(i * 120, i * 120 + 60));
    expect(planned(FOUR_SPEEDS, { programs: many }).problems).toContainEqual({
      kind: 'too-many',
      wanted: 5,
      slots: 4,
    });
    expect(planned(FOUR_SPEEDS, { programs: [program(0, 60, { days: '67' })] }).problems).toContainEqual({
      kind: 'no-days',
      name: 'Filter',
      days: 'Sat, Sun',
    });
  });
  test('a slot without an enable is emptied by its own way', () => {
    const plan = planned(FOUR_SPEEDS, { programs: [program(0, 360)] });
    expect([value(plan, 'from/2'), value(plan, 'until/2')]).toEqual(['none', 'none']);
    expect(
      value(planPool(contextOf(PANEL, { ...PANEL_DUTY, programs: [program(0, 360)] })), 'circuit/2'),
    ).toBe('none');
  });
  test('a panel gives a circuit one speed: two are said', () => {
    const two = [program(0, 360), program(360, 720, { speed_rpm: 2000 })];
    expect(planPool(contextOf(PANEL, { ...PANEL_DUTY, programs: two })).problems).toContainEqual({
      kind: 'two-speeds',
      circuit: 'Filter',
      speeds: [1500, 2000],
    });
  });
  test('a controller’s programs are read top to bottom', () => {
    const slots = programGroup(TEN_SLOTS);
    expect(slots).toHaveLength(10);
    expect(slots[2].parameters.map(({ key }) => key)).toEqual([
      'days/3',
      'start/3',
      'stop/3',
      'speed/3',
      'enable/3',
    ]);
    expect(slots[2].parameters[1]).toMatchObject({
      label: 'Program 3: start',
      route: expect.arrayContaining([{ key: 'Right', press: 'short', times: 3, shows: 'slot 3' }]),
    });
  });
});

describe('limits', () => {
  test('the maximum speed is the wall’s, rounded down to the controller’s step; in per cent too', () => {
    const wall = wallSpeed(DUTY, pumpOf(DUTY))!;
    expect(wall.wall.what).toBe('filter');
    expect(value(planned(), 'limit')).toBe(Math.floor(wall.speed_rpm / 10) * 10);
    expect(value(planned(FOUR_SPEEDS), 'top')).toBe(Math.floor((wall.speed_rpm / 2700) * 100));
  });
  test('a small suction cover is the wall', () => {
    const duty = { ...DUTY, limits: { ...DUTY.limits, cover_m3h: 10 } };
    expect(wallSpeed(duty, pumpOf(duty))?.wall.what).toBe('cover');
  });
  test('an address that another pump has is moved to a free one', () => {
    const plan = planPool(contextOf(LINK, { ...DUTY, command: 'link', otherAddresses: [1, 2] }));
    expect(value(plan, 'address')).toBe(3);
  });
});

test('a tub that nobody heats is not left warmer than is allowed', () => {
  const tubAt = (tubTemp: number, warmest_C: number) => {
    const context = contextOf(PANEL, { ...PANEL_DUTY, heat: { ...PANEL_DUTY.heat!, warmest_C } });
    return value(planPool({ ...context, inForce: { ...context.inForce, tubTemp } }), 'tubTemp');
  };
  expect(tubAt(34, 28)).toBe(28);
  expect(tubAt(28, 28)).toBeUndefined();
});

describe('water and points', () => {
  test('the flow before a wash is planned with, the clean one is held against the walls', () => {
    const pump = pumpOf(DUTY);
    expect(pump.flow_m3h(2000)).toBeCloseTo(12.16 * 0.9, 1);
    expect(pump.law.exponent).toBeCloseTo(2.72, 1);
    expect(pump.speedFor_rpm(pump.flow_m3h(1234))).toBeCloseTo(1234, 6);
  });
  test('a point that was throttled for the curve does not tell the pipework', () => {
    expect(pumpOf(PANEL_DUTY).flow_m3h(2000)).toBeCloseTo(12.17 * 0.9, 1);
  });
  test('a roof takes a speed before it takes any water', () => {
    const pump = pumpOf(PANEL_DUTY);
    expect(pump.flow_m3h(1000, 3)).toBe(0);
    expect(pump.speedFor_rpm(7, 3)).toBeGreaterThan(pump.speedFor_rpm(7));
  });
  test('points that cannot be fitted throw in words', () => {
    const flat = { ...DUTY, points: [DUTY.points[0], { ...DUTY.points[0], power_W: 90 }] };
    expect(() => planPool(contextOf(TEN_SLOTS, flat))).toThrow(InputError);
    expect(() => planPool(contextOf(TEN_SLOTS, flat))).toThrow('measure at a second speed');
  });
});

test.each<[string, (duty: PoolDuty) => unknown, string]>([
  [
    'a need of an unknown circuit',
    (duty) => ({ ...duty, needs: [{ circuit: 'Jets', days: '1', from: 0, to: 60, hours: null }] }),
    'There is no circuit “Jets”.',
  ],
  [
    'hours that do not fit their window',
    (duty) => ({ ...duty, needs: [{ circuit: 'Filter', days: '1', from: 0, to: 60, hours: 2 }] }),
    '2 h do not fit between 0:00 and 1:00.',
  ],
  [
    'two circuits of one name',
    (duty) => ({ ...duty, circuits: [duty.circuits[0], duty.circuits[0]] }),
    'There are two circuits “Filter”.',
  ],
  [
    'a lift without heads',
    (duty) => ({
      ...duty,
      circuits: [{ ...duty.circuits[0], static_m: 3 }],
      points: [{ ...duty.points[0], head_m: null }],
    }),
    'enter the head at each point',
  ],
  [
    'points without any flow',
    (duty) => ({ ...duty, points: [{ ...duty.points[0], flow_m3h: 0 }] }),
    'At least one point must have a flow.',
  ],
  [
    'a set point above the warmest',
    (duty) => ({ ...duty, heat: { ...PANEL_DUTY.heat, pool_C: 40 } }),
    'above the warmest',
  ],
  [
    'solar stop at start',
    (duty) => ({ ...duty, heat: { ...PANEL_DUTY.heat, stopDifference_K: 4 } }),
    'Stop must be below start',
  ],
  ['more than clean', (duty) => ({ ...duty, beforeWash: 1.2 }), 'no more than a clean one'],
])('%s is refused in words', (_, change, words) => {
  const parsed = poolDutySchema.safeParse(change(DUTY));
  expect(parsed.error?.issues.map(({ message }) => message).join(' ')).toContain(words);
});

describe('the plan before anyone moved it', () => {
  test.each([
    [TEN_SLOTS, DUTY],
    [PANEL, PANEL_DUTY],
  ])('meets the water, writes no overlap, and lies below the walls: %#', (profile, duty) => {
    const context = contextOf(profile, duty);
    const { settings } = planPool(context);
    const sums = weekSums(context, trueWeek(context, settings));
    expect(Math.min(...sums.daily_m3)).toBeGreaterThanOrEqual(sums.needed_m3);
    expect(trueWeek(context, settings).every(({ suppressed }) => suppressed.length === 0)).toBe(true);
  });
  test('a rest is laid into the dear hours when there is one', () => {
    const short = contextOf(TEN_SLOTS, {
      ...DUTY,
      bodies: [{ ...DUTY.bodies[0], turnoversPerDay: 1 }],
      longestPause_min: null,
    });
    const [run] = tidyPrograms(short);
    const covers = (minute: number) =>
      run.start < run.stop
        ? minute >= run.start && minute < run.stop
        : minute >= run.start || minute < run.stop;
    expect([1020, 1140, 1259].some(covers)).toBe(false);
  });
  test('equal runs of several days are one program, a whole day is cut where start = stop is no day', () => {
    const cell = { speed_rpm: 1500, circuit: 'Filter', name: 'Filter' };
    const grid = emptyGrid();
    for (const day of grid.slice(0, 5)) day.fill(cell, 40, 60);
    grid[6].fill(cell, 0, 96);
    expect(programsOf(grid, false).map(({ days, start, stop }) => [days, start, stop])).toEqual([
      ['7', 0, 720],
      ['12345', 600, 900],
      ['7', 720, 0],
    ]);
    expect(programsOf(grid, true)).toHaveLength(2);
  });
});

describe('quiet hours in which a chlorinator that works at any time would lack its flow', () => {
  const chlorinator = {
    name: 'Chlorinator',
    kind: 'chlorinator',
    leastFlow_m3h: 8.5,
    static_m: 0,
    exposed: false,
    place: null,
  } as const;
  const found = (longestPause_min: number | null) => {
    const context = contextOf(TEN_SLOTS, {
      ...DUTY,
      circuits: [...DUTY.circuits, chlorinator],
      chlorinator: { rated_gph: 20, needed_gpd: 100, cold_C: 12 },
      quiet: { from: 1320, to: 360, greatest_rpm: 1500 },
      longestPause_min,
    });
    return checkPlan(context, planPool(context)).map(({ text }) => text);
  };
  test('it rests where the water may stand so long', () => {
    expect(found(480)).not.toContain('POO-12');
    expect(found(480)).not.toContain('POO-27.pause');
    expect(found(null)).not.toContain('POO-12');
  });
  test('it runs on, and says what lacks, where the water may not', () => {
    expect(found(479)).not.toContain('POO-27.pause');
    expect(found(479)).toContain('POO-12');
  });
});

describe('the cheapest plan of a pool', () => {
  const solver = async () => highsSolver((await loadHighs()) as never);
  test('costs less than one long slow run, meets the same demands as set, and says why each block is there', async () => {
    const context = contextOf(PANEL, PANEL_DUTY);
    const problem = cheapestProblem(context);
    // it ends by the gap, after some seconds; the limit is there for a machine that is busy
    const answer = cheapestPlan(problem, await solver(), { timeLimit_s: 90, gap: 0.01 });
    if (answer.kind !== 'plan') throw new Error(answer.kind);
    const programs = programsOfAnswer(context, problem, answer);
    const set = contextOf(PANEL, { ...PANEL_DUTY, programs: programs.map(({ reason: _, ...one }) => one) });
    const sums = weekSums(set, trueWeek(set, planPool(set).settings));
    const tidy = weekSums(context, trueWeek(context, planPool(context).settings));
    expect(sums.cost).toBeLessThan(tidy.cost);
    expect(Math.min(...sums.daily_m3)).toBeGreaterThanOrEqual(sums.needed_m3 * 0.999);
    expect(programs.find(({ circuit }) => circuit === 'Cleaner')?.reason).toContain(
      'serves Cleaner between 12:00 and 17:00',
    );
    expect(answer.bound).toBeLessThanOrEqual(answer.cost);
  }, 120_000);
  test('an impossible turnover names what is in its way, with the figures', async () => {
    const context = contextOf(FOUR_SPEEDS, { ...DUTY, bodies: [{ ...DUTY.bodies[0], turnoversPerDay: 9 }] });
    const problem = cheapestProblem(context);
    const answer = cheapestPlan(problem, await solver(), { timeLimit_s: 60 });
    expect(answer).toEqual({ kind: 'none', conflict: ['turnover'] });
    expect(
      conflictWords(context, problem, ['turnover', 'quiet', 'pause', 'slots', 'need:Filter'])[0].replace(
        /\u00a0/g,
        ' ',
      ),
    ).toMatch(/374\.4 m³ a day, and at most 26\d\d rev\/min/);
  }, 60_000);
});

test('a frosty night costs what the guard adds to the programs, and nothing where they already run faster', () => {
  const context = contextOf(PANEL, PANEL_DUTY);
  const plan = planPool(context);
  const night = frostNightCost(context, plan.settings)!;
  expect(night.night).toBeGreaterThan(0);
  expect(night.year).toBeCloseTo(night.night * 12, 9);
  const fast = understand(context.profile, context.plate, { ...plan.values, circuitSpeed: 2600 });
  expect(frostNightCost(context, fast)!.night).toBeLessThan(night.night);
  expect(
    frostNightCost(context, { ...plan.settings, frost: { ...plan.settings.frost, on: false } }),
  ).toBeNull();
});

test('the roof’s day: some hours, one start, or none where no roof heats', () => {
  expect(roofDay(PANEL_DUTY)).toMatchObject({ starts: 1 });
  expect(roofDay(PANEL_DUTY)!.hours).toBeGreaterThan(3);
  expect(roofDay(DUTY)).toBeNull();
});

test('a week with frost each night: the guard fills what stands still, to the minute, and moves nothing else', () => {
  const context = contextOf(PANEL, PANEL_DUTY);
  const { settings } = planPool(context);
  const week = trueWeek(context, settings);
  const frosty = frostyWeek(context, settings, week);
  expect(frosty[0].from).toBe(0);
  frosty.forEach(({ to }, i) => expect(to).toBe(frosty[i + 1]?.from ?? 7 * 1440));
  const guarded = frosty.filter(({ cause }) => cause === 'frost');
  const minutes = guarded.reduce((sum, { from, to }) => sum + to - from, 0);
  expect(minutes).toBeGreaterThan(0);
  expect(minutes).toBeLessThanOrEqual(7 * 8 * 60);
  for (const { speed_rpm } of guarded) expect(speed_rpm).toBe(settings.frost.speed_rpm);
});
