import type { BenchEvent, Scenario } from '../../../bench';
import { scenarioSchema } from '../../events';
import { keyAt, type SettingValues } from '../../../profile';
import { EVERY_DAY } from '../../../time';
import { benchSheet, plainWeek, weatherOf } from './bench';
import type { PoolDuty } from '../wire/duty';
import { contextOf, DUTY, FOUR_SPEEDS, PANEL, PANEL_DUTY, sound, TEN_SLOTS } from '../fixtures';
import { settingsOf } from '../settings/pumping';
import { understand } from '../settings/understand';
import { weekSums, trueWeek } from '../effect/week';

const CONTEXT = contextOf();
const week = (change: Partial<Scenario> = {}): Scenario => ({ ...plainWeek(), ...change });
const day = (change: Partial<Scenario> = {}): Scenario => week({ days: 1, ...change });
const event = (
  kind: BenchEvent['kind'],
  at_s: number,
  until_s: number | null,
  amount: number | null = null,
): BenchEvent => ({ kind, at_s, until_s, amount });
const only = (program: Record<string, string | number>): SettingValues => ({
  ...sound(CONTEXT),
  ...Object.fromEntries(Array.from({ length: 10 }, (_, i) => [keyAt('enable', i + 1), 'off'])),
  ...Object.fromEntries(
    Object.entries({ days: EVERY_DAY, speed: 1500, enable: 'on', ...program }).map(([key, value]) => [
      keyAt(key, 5),
      value,
    ]),
  ),
});
const sumsOf = (values: SettingValues, scenario: Scenario, context = CONTEXT) =>
  benchSheet(context, values, scenario).sums;
const said = (values: SettingValues, scenario: Scenario, context = CONTEXT) =>
  benchSheet(context, values, scenario).happenings.map(({ words }) => words);

test('a plain week moves and costs what the sums of its week say, but for the minutes of its prime', () => {
  const values = sound(CONTEXT);
  const bench = sumsOf(values, week());
  const sums = weekSums(CONTEXT, trueWeek(CONTEXT, understand(CONTEXT.profile, CONTEXT.plate, values)));
  expect(bench.cost / sums.cost).toBeCloseTo(1, 2);
  expect(bench.volume_m3 / sums.daily_m3.reduce((sum, m3) => sum + m3, 0)).toBeCloseTo(1, 2);
  expect(bench.offProgram_h).toBe(0);
});

test('the same scenario gives the same run to the last digit, also when it is taken up half way', () => {
  const scenario = week({ events: [event('suction-blocked', 300_000, 303_000)] });
  const once = benchSheet(CONTEXT, sound(CONTEXT), scenario);
  const before = benchSheet(CONTEXT, sound(CONTEXT), week());
  const again = benchSheet(CONTEXT, sound(CONTEXT), scenario, { from: { run: before, until_s: 300_000 } });
  expect(again.sums).toEqual(once.sums);
  expect(again.traces).toEqual(once.traces);
});

test('POO-01, POO-04: what is stored and not enabled, or starts when it stops, never runs', () => {
  expect(sumsOf(only({ start: 420, stop: 1020, enable: 'off' }), day()).run_h).toBe(0);
  expect(sumsOf(only({ start: 420, stop: 420 }), day()).run_h).toBe(0);
  expect(sumsOf(only({ start: 420, stop: 1020 }), day()).run_h).toBeCloseTo(10, 1);
});

test('POO-02, POO-22: the later start takes the pump, and the turnover is not met', () => {
  const alone = sumsOf(only({ start: 420, stop: 1320, speed: 2000 }), day());
  const overlapped = sumsOf(
    {
      ...only({ start: 420, stop: 1320, speed: 2000 }),
      'days/6': EVERY_DAY,
      'start/6': 480,
      'stop/6': 1300,
      'speed/6': 900,
      'enable/6': 'on',
    },
    day(),
  );
  expect(alone.volume_m3).toBeGreaterThan(alone.needed_m3 * 0.9);
  expect(overlapped.volume_m3).toBeLessThan(overlapped.needed_m3 / 2);
});

test('POO-07: the same run in the dear hours costs more', () => {
  const dear = sumsOf(only({ start: 1020, stop: 1260 }), day());
  const cheap = sumsOf(only({ start: 60, stop: 300 }), day());
  expect(dear.cost / cheap.cost).toBeCloseTo(0.46 / 0.18, 1);
});

describe('POO-10 a blocked suction', () => {
  const blocked = day({ events: [event('suction-blocked', 24_000, 50_000)] });
  test('mistake: without a prime it runs dry as long as it is blocked', () => {
    expect(
      sumsOf({ ...only({ start: 420, stop: 1020 }), primeMode: 'off' }, blocked).dry_min,
    ).toBeGreaterThan(300);
  });
  test('mistake: a prime of twenty minutes runs dry as long', () => {
    expect(sumsOf({ ...only({ start: 420, stop: 1020 }), primeTime: 20 }, blocked).dry_min).toBeCloseTo(
      20,
      0,
    );
  });
  test('near miss: six minutes, then it stops with a dry alarm', () => {
    const values = only({ start: 420, stop: 1020 });
    expect(sumsOf(values, blocked).dry_min).toBeCloseTo(6, 0);
    expect(said(values, blocked)).toContain('Not primed in its time: it stops with a dry alarm.');
  });
});

describe('POO-11 a frosty night', () => {
  const frosty = day({ weather: weatherOf('frosty') });
  const panel = contextOf(PANEL, PANEL_DUTY);
  test('mistakes: guard off, or the roof left out: water stands in its pipes below freezing', () => {
    expect(sumsOf({ ...sound(panel), frost: 'off' }, frosty, panel).frozen_h).toBeGreaterThan(8);
    expect(sumsOf({ ...sound(panel), 'circuitFrost/6': 'no' }, frosty, panel).frozen_h).toBeGreaterThan(8);
  });
  test('near miss: each exposed circuit is named, and its cost shows', () => {
    const sums = sumsOf(sound(panel), frosty, panel);
    expect(sums.frozen_h).toBeLessThan(0.1);
    expect(sums.frost_h).toBeGreaterThan(8);
  });
  test('a frost thrown in calls the guard, and no guard helps without power', () => {
    const night = [event('frost', 3600, 40_000, 5)];
    expect(sumsOf(sound(panel), day({ events: night }), panel).frost_h).toBeGreaterThan(8);
    const cut = [...night, event('power-cut', 7200, 28_800)];
    expect(sumsOf(sound(panel), day({ events: cut }), panel).frozen_h).toBeGreaterThan(5);
  });
});

test('where the set point is reached, roof and heater start by the hour and not by the second', () => {
  // the water begins where roof and heater both have it near the set point
  for (const pool_C of [20, 21, 22, 24]) {
    const duty: PoolDuty = { ...PANEL_DUTY, heat: { ...PANEL_DUTY.heat!, pool_C } };
    const panel = contextOf(PANEL, duty);
    const { solarStarts, heaterStarts } = sumsOf(sound(panel), week(), panel);
    expect([pool_C, solarStarts < 7 * 10, heaterStarts < 7 * 24]).toEqual([pool_C, true, true]);
  }
});

describe('POO-13 the heater’s after-run', () => {
  const heated: PoolDuty = { ...PANEL_DUTY, heat: { ...PANEL_DUTY.heat!, source: 'heater', pool_C: 28 } };
  const panel = contextOf(PANEL, heated);
  const short = {
    ...sound(panel),
    circuit: 'c1',
    start: 480,
    stop: 720,
    'circuit/2': 'none',
    'circuit/3': 'none',
  };
  test('mistake: it stops hot', () =>
    expect(sumsOf({ ...short, afterRun: 0 }, day(), panel).hotStops).toBe(1));
  test('near miss: the water runs on', () =>
    expect(sumsOf({ ...short, afterRun: 5 }, day(), panel).hotStops).toBe(0));
});

test('POO-15: a stop too near the start makes the roof start again and again', () => {
  const panel = contextOf(PANEL, {
    ...PANEL_DUTY,
    heat: { ...PANEL_DUTY.heat!, source: 'solar', pool_C: 32 },
  });
  const values = sound(panel);
  const near = sumsOf({ ...values, solarStart: 6, solarStop: 5.5 }, day(), panel);
  const well = sumsOf({ ...values, solarStart: 6, solarStop: 1 }, day(), panel);
  expect(near.solarStarts).toBeGreaterThan(5 * well.solarStarts);
  expect(well.solarStarts).toBeGreaterThan(0);
});

test('POO-16: a cleaner that does not wait starts without water; one that waits does not', () => {
  const panel = contextOf(PANEL, PANEL_DUTY);
  const alone = { ...sound(panel), start: 720, stop: 840, 'circuit/2': 'none', 'circuit/3': 'none' };
  expect(sumsOf({ ...alone, cleanerDelay: 0 }, day(), panel).cleanerDry_min).toBeGreaterThan(1);
  expect(sumsOf({ ...alone, cleanerDelay: 10 }, day(), panel).cleanerDry_min).toBe(0);
});

test('POO-17: below its maker’s water the cell wears and makes nothing; the cut-out idles it', () => {
  const cold = contextOf(PANEL, { ...PANEL_DUTY, water_C: 8, heat: null });
  const values = sound(cold);
  expect(sumsOf({ ...values, cold: 5 }, day(), cold)).toMatchObject({ chlorine_g: 0 });
  expect(sumsOf({ ...values, cold: 5 }, day(), cold).coldChlorine_h).toBeGreaterThan(5);
  expect(sumsOf({ ...values, cold: 12 }, day(), cold).coldChlorine_h).toBe(0);
  const warm = contextOf(PANEL, PANEL_DUTY);
  const made = sumsOf(sound(warm), day(), warm);
  expect(made.chlorine_g).toBeGreaterThan(PANEL_DUTY.chlorinator!.needed_gpd * 0.97);
});

describe('POO-24 holds, hand runs and clocks', () => {
  test('mistake: a hold forgotten keeps the programs off; near miss: it is released', () => {
    const held = sumsOf(sound(CONTEXT), day({ events: [event('hold', 36_000, null)] }));
    const released = sumsOf(sound(CONTEXT), day({ events: [event('hold', 36_000, 43_200)] }));
    expect(held.run_h).toBeCloseTo(10, 1);
    expect(released.run_h).toBeCloseTo(22, 1);
  });
  test('a hand run lasts until it is stopped here, until the next program there', () => {
    const hand = day({ events: [event('hand-run', 3600, 86_399, 2500)] });
    const ten = benchSheet(CONTEXT, only({ start: 420, stop: 1020, speed: 1500 }), hand);
    expect(ten.traces[0].max[600]).toBe(2500);
    const four = contextOf(FOUR_SPEEDS);
    const values = { ...sound(four), from: 420, until: 1020, share: 50 };
    const run = benchSheet(four, values, hand);
    expect(run.traces[0].max[300]).toBe(2500);
    expect(run.traces[0].max[600]).toBe(1350);
  });
  test('a clock two hours ahead runs all of it two hours early', () => {
    const run = benchSheet(
      CONTEXT,
      only({ start: 420, stop: 480 }),
      day({ events: [event('clock-off', 0, null, 120)] }),
    );
    expect(run.traces[0].max[300]).toBeGreaterThan(0);
    expect(run.traces[0].max[440]).toBe(0);
    expect(run.sums.offProgram_h).toBeCloseTo(2, 1);
  });
  test('after a cut that outlasts its clock one stands, the other runs the wrong hours', () => {
    const cut = week({ events: [event('power-cut', 36_000, 36_000 + 100 * 3600)] });
    expect(said(sound(CONTEXT), cut)).toContain('The cut outlasted the clock, which is unset now.');
    expect(sumsOf(sound(CONTEXT), cut).run_h).toBeCloseTo(10, 0);
    const four = contextOf(FOUR_SPEEDS);
    const short = day({ events: [event('power-cut', 36_000, 43_200)] });
    const values = { ...sound(four), from: 0, until: 360, share: 60 };
    expect(benchSheet(four, values, short).traces[0].max[800]).toBeGreaterThan(0);
    // a cut that its clock outlasts changes nothing after it
    expect(said(sound(CONTEXT), day({ events: [event('power-cut', 36_000, 43_200)] }))).not.toContain(
      'The cut outlasted the clock, which is unset now.',
    );
  });
});

test('a speed above the limit is never reached, by program or by hand', () => {
  const capped = {
    ...only({ start: 0, stop: 720, speed: 3260 }),
    limit: 2000,
    boostSpeed: 2000,
    primeSpeed: 2000,
  };
  const run = benchSheet(
    contextOf(TEN_SLOTS, DUTY),
    capped,
    day({ events: [event('hand-run', 50_000, 60_000, 3400)] }),
  );
  expect(Math.max(...run.traces[0].max)).toBe(2000);
});

describe('heat on a panel', () => {
  const circuits = PANEL_DUTY.circuits.map((circuit) =>
    circuit.kind === 'heater' ? { ...circuit, place: 4, leastFlow_m3h: 12 } : circuit,
  );
  const duty: PoolDuty = {
    ...PANEL_DUTY,
    circuits,
    water_C: 22,
    heat: { ...PANEL_DUTY.heat!, source: 'heater', pool_C: 27, heater_kW: 30 },
    programs: [{ name: 'Filter', days: EVERY_DAY, start: 0, stop: 0, speed_rpm: 1100, circuit: 'Filter' }],
  };
  const context = contextOf(PANEL, duty);
  const values = sound(context);

  test('a heater that calls raises the speed to that of its circuit, and keeps the water warm', () => {
    const { sums, traces } = benchSheet(context, values, day());
    expect(sums.water_C).toBeGreaterThan(22);
    const speed = traces.find(({ key }) => key === 'speed')!;
    const heater = Number(values['circuitSpeed/4']);
    expect(heater).toBeGreaterThan(1100);
    expect(speed.max.slice(60).some((value) => Math.abs(value - heater) < 1)).toBe(true);
  });
  test('near miss: warm enough, nothing calls, and the programs keep their speed', () => {
    const warm = contextOf(PANEL, { ...duty, water_C: 30 });
    const { traces } = benchSheet(warm, values, day());
    expect(Math.max(...traces.find(({ key }) => key === 'speed')!.max.slice(60, 300))).toBeLessThan(1150);
  });
  test('the week says what that costs on top, at most', () => {
    const sums = weekSums(
      context,
      trueWeek(context, settingsOf(context, values)),
      settingsOf(context, values),
    );
    expect(sums.heatCost).toBeGreaterThan(0);
    const off = { ...values, source: 'off' };
    expect(
      weekSums(context, trueWeek(context, settingsOf(context, off)), settingsOf(context, off)).heatCost,
    ).toBeNull();
  });
});

describe('what the bench of a pool does not know', () => {
  test('programs that were not read whole, or that the controller would refuse, are no run', () => {
    const { 'stop/5': _, ...half } = only({ start: 420, stop: 1020 });
    expect(() => benchSheet(CONTEXT, half, day())).toThrow('Not every program was read whole');
    const refuses = {
      ...TEN_SLOTS,
      behaviours: {
        ...TEN_SLOTS.behaviours,
        programs: { ...TEN_SLOTS.behaviours.programs, overlap: 'refused' as const },
      },
    };
    const both = {
      ...only({ start: 420, stop: 1020 }),
      'days/6': EVERY_DAY,
      'start/6': 600,
      'stop/6': 700,
      'speed/6': 2000,
      'enable/6': 'on',
    };
    expect(() => benchSheet(contextOf(refuses), both, day())).toThrow('which of them stands is not known');
    expect(() => benchSheet(CONTEXT, both, day())).not.toThrow();
  });
  test('a prime that nobody read is said to be missing', () => {
    const { primeMode: _, ...values } = sound(contextOf(PANEL, PANEL_DUTY));
    expect(benchSheet(contextOf(PANEL, PANEL_DUTY), values, day()).unknown).toContain(
      'The prime is not known: it is run without one.',
    );
  });
  test('frost without a word how cold is refused in words, not run as NaN', () => {
    const parsed = scenarioSchema.safeParse(day({ events: [event('frost', 0, 3600)] }));
    expect(parsed.error?.issues[0].message).toContain('say how much, in K below freezing');
    expect(scenarioSchema.safeParse(day({ events: [event('frost', 0, 3600, 5)] })).success).toBe(true);
  });
});

test('flow and power between two speeds of the table are those between, not those of the step below', () => {
  const odd = only({ start: 0, stop: 1439, speed: 1500 });
  const key = 'speed/5';
  const at = (speed: number) => sumsOf({ ...odd, [key]: speed }, day()).energy_kWh;
  const between = (at(1505) - at(1500)) / (at(1510) - at(1500));
  expect(between).toBeGreaterThan(0.45);
  expect(between).toBeLessThan(0.55);
});
