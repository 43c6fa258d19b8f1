import { runBench, stateAt, type BenchEvent, type Scenario } from '../../../bench';
import type { SettingValues } from '../../../profile';
import { benchSheet, plainDay } from './bench';
import type { MeteringContext } from '../settings/context';
import {
  dutyWith,
  FLOW_DUTY,
  motorContext,
  PULSE_DUTY,
  pulseContext,
  SOUND_MOTOR,
  SOUND_PULSE,
  SOUND_STEPPER,
  SOUND_TWO_POINT,
  stepperContext,
  twoPointContext,
} from '../fixtures';
import { strokeTrace } from './head';
import { meteringModel } from './model';
import { benchPlant } from './plant';
import { understand } from '../settings/understand';

const steady = (water_m3h: number, events: BenchEvent[] = [], days: 1 | 7 = 1): Scenario => ({
  days,
  water: { every_s: 3600, flows_m3h: [water_m3h] },
  wobble: 0,
  seed: 1,
  events,
});
const hours = (flows_m3h: number[], events: BenchEvent[] = []): Scenario => ({
  ...steady(0, events),
  water: { every_s: 3600, flows_m3h },
});
const event = (
  kind: BenchEvent['kind'],
  from_h: number,
  to_h: number | null,
  amount: number | null = null,
) => ({
  kind,
  at_s: from_h * 3600,
  until_s: to_h === null ? null : to_h * 3600,
  amount,
});
const run = (context: MeteringContext, values: SettingValues, scenario: Scenario) =>
  benchSheet(context, values, scenario);
const TANK = { now_L: 200, warn_L: 20, stop_L: 0 };
const calm = { product: { ...FLOW_DUTY.product, gassing: false } };

describe('against theory', () => {
  test('steady flow: strokes are rate times time, and the dose settles at q·C/Q', () => {
    const context = motorContext({ duty: { ...dutyWith({}), ...calm } });
    const { sums, traces } = run(context, SOUND_MOTOR, steady(25));
    expect(sums.strokes).toBe(48 * 60 * 24);
    const dose = traces.find((trace) => trace.key === 'dose')!;
    const strength = benchPlant(
      context,
      understand(context.profile, context.plate, SOUND_MOTOR),
    ).strength_gpl;
    const theory = (48 * 0.071 * 0.06 * strength) / 25;
    // one stroke's ripple either way
    const ripple = (0.071e-3 * strength) / ((20 * 60) / 3600);
    expect(dose.max[1000]).toBeLessThan(theory + ripple);
    expect(dose.min[1000]).toBeGreaterThan(theory - ripple);
  });

  test('a smooth drive settles at q·C/Q to nine digits, and the tank loses just what was given', () => {
    const context = stepperContext({ ...calm, tank: TANK });
    const values = { ...SOUND_STEPPER, gas: 'off' };
    const { sums, traces } = run(context, values, steady(25));
    const flow = traces.find((trace) => trace.key === 'flow')!.max[1000];
    const dose = traces.find((trace) => trace.key === 'dose')!.max[1439];
    const { strength_gpl } = benchPlant(context, understand(context.profile, context.plate, values));
    expect(dose / ((flow * strength_gpl) / 25)).toBeCloseTo(1, 9);
    expect(200 - sums.tank_L - sums.given_L).toBeCloseTo(0, 9);
  });

  test('mass balance of the tank to 1e-9 over a wobbling week with gas, pauses and a power cut', () => {
    const scenario: Scenario = {
      ...steady(20, [event('gas', 5, null, 0.1), event('power-cut', 30, 31)], 7),
      wobble: 0.3,
      seed: 42,
    };
    const { sums } = run(stepperContext({ tank: TANK }), SOUND_STEPPER, scenario);
    expect(sums.given_L).toBeGreaterThan(100);
    expect(Math.abs(200 - sums.tank_L - sums.given_L)).toBeLessThan(1e-9 * 200);
  });

  test('pulses: every stroke that is asked for is made, lost, or owed', () => {
    const context = pulseContext();
    const { sums } = run(context, { ...SOUND_PULSE, top: 10 }, hours([24, 3, 24, 0]));
    const asked = sums.pulses / 3;
    expect(sums.strokes + sums.strokesLost + sums.backlogLeft).toBeCloseTo(asked, 6);
    expect(sums.strokesLost).toBeGreaterThan(0);
  });

  test('memory backlog: an hour at 24 m³/h against a ceiling of 10/min owes (13.3 − 10)·60 strokes, given later', () => {
    const context = pulseContext({ place: { ...PULSE_DUTY.place, interlocked: true } });
    const { sums, happenings } = run(
      context,
      { ...SOUND_PULSE, top: 10, store: 'on' },
      hours([24, ...Array(23).fill(0)]),
    );
    // to within the stroke that is being made
    expect(Math.abs(sums.backlogMost - 200)).toBeLessThanOrEqual(1);
    expect(sums.strokes).toBe(800);
    expect(sums.strokesLost).toBe(0);
    expect(happenings.map((h) => h.words)).toContain('The ceiling is reached: strokes are owed or lost.');
  });

  test('batches: triggers times strokes', () => {
    const context = pulseContext({ mode: 'batch', batch: { volume_mL: 25, spacing_s: 60 } });
    const batch = { ...SOUND_PULSE, work: 'batch', portion: 60, rate: 120, stroke: 100 };
    const { strokes } = run(context, batch, steady(12)).sums;
    // the last trigger comes as the day ends
    expect([strokes > 1439 * 60, strokes <= 1440 * 60]).toEqual([true, true]);
  });
});

describe('the same figures, however it is run', () => {
  const context = pulseContext();
  const scenario: Scenario = {
    ...hours([24, 3, 12, 0, 18], [event('stop-asked', 3, 4)]),
    wobble: 0.2,
    seed: 7,
  };
  test('run twice, and taken up in the middle: equal to the last digit', () => {
    const whole = run(context, SOUND_PULSE, scenario);
    expect(run(context, SOUND_PULSE, scenario)).toEqual(whole);
    const thrown = { ...scenario, events: [...scenario.events, event('power-cut', 13.5, 14)] };
    const plant = benchPlant(context, understand(context.profile, context.plate, SOUND_PULSE));
    const resumed = runBench(meteringModel(plant), thrown, { from: { run: whole, until_s: 13.5 * 3600 } });
    const { unknown, ...afresh } = run(context, SOUND_PULSE, thrown);
    expect(resumed).toEqual(afresh);
    expect(unknown).toContain('Nothing is known of the tank: it never runs empty.');
  });
  test('another seed is another day; the state at a second is the one the run went through', () => {
    const whole = run(context, SOUND_PULSE, scenario);
    expect(run(context, SOUND_PULSE, { ...scenario, seed: 8 }).sums).not.toEqual(whole.sums);
    const plant = benchPlant(context, understand(context.profile, context.plate, SOUND_PULSE));
    const { state } = stateAt(meteringModel(plant), scenario, whole, 86_399);
    expect(state.strokes).toBe(whole.sums.strokes);
  });
  test('cancelled on the way it stops', () => {
    const plant = benchPlant(context, understand(context.profile, context.plate, SOUND_PULSE));
    let calls = 0;
    const stop = () => (calls += 1) < 3;
    expect(() => runBench(meteringModel(plant), scenario, { onProgress: stop })).toThrow('cancelled');
    expect(calls).toBe(3);
  });
});

describe('what the register says is seen on the bench', () => {
  const two = (values: SettingValues, scenario: Scenario, changed = {}) =>
    run(
      twoPointContext({ duty: { ...dutyWith({}), ...calm, ...changed } }),
      { ...SOUND_TWO_POINT, ...values },
      scenario,
    );

  test('MET-01: 4–20 read as 0–20 doses into still water; read right it does not', () => {
    const context = motorContext({ duty: { ...dutyWith({}), ...calm } });
    expect(run(context, { ...SOUND_MOTOR, range: '0-20' }, steady(0)).sums.strokes).toBe(19 * 1440);
    expect(run(context, SOUND_MOTOR, steady(0)).sums.strokes).toBe(0);
  });
  test('MET-03 and MET-25: lost above the ceiling; stored, let go into still water', () => {
    const day = hours([24, 0, 0, 0]);
    expect(run(pulseContext(), { ...SOUND_PULSE, top: 10 }, day).sums.strokesLost).toBeGreaterThan(1000);
    expect(run(pulseContext(), SOUND_PULSE, day).sums.strokesLost).toBe(0);
    const stored = run(pulseContext(), { ...SOUND_PULSE, top: 10, store: 'on' }, day);
    const rate = stored.traces.find((trace) => trace.key === 'rate')!;
    expect(Math.max(...rate.max.slice(62, 70))).toBeGreaterThan(0);
  });
  test('MET-04 and MET-24: too little at high flow', () => {
    const dose = { dose: { wanted_mgl: 6, low_mgl: 5.4, high_mgl: 6.6 } };
    expect(two({ rateB: 165 }, steady(40), dose).sums.inBand).toBe(0);
    const tight = { dose: { wanted_mgl: 1.2, low_mgl: 1.1, high_mgl: 1.3 } };
    expect(two({ rateB: 54 }, steady(40), tight).sums.inBand).toBeLessThan(0.01);
    expect(two({}, steady(40), tight).sums.inBand).toBeGreaterThan(0.95);
  });
  test('MET-06: falling action that holds gives all it has on a broken wire', () => {
    const falling = {
      signal: {
        source: 'controller' as const,
        measures: 'residual' as const,
        low_mA: 4 as const,
        greatestFeed_lph: 0.3,
        action: 'falling' as const,
        onLostSignal: 'stop' as const,
      },
    };
    const broken = [event('broken-wire', 1, 2)];
    const holds = { rateA: 50, rateB: 0, below: 'hold', wire: 'off' };
    expect(two(holds, steady(0, broken), falling).sums.strokes).toBe(50 * 60);
    expect(two({ ...holds, wire: 'stop' }, steady(0, broken), falling).sums.strokes).toBe(0);
  });
  test('MET-08: an offset line leaves the band at low flow', () => {
    expect(two({ rateA: 10 }, steady(6)).sums.inBand).toBeLessThan(0.01);
    expect(two({}, steady(6)).sums.inBand).toBeGreaterThan(0.9);
  });
  test('MET-09: a bouncing contact counts twice on 5 ms, not on 20; a fast meter is missed on 60', () => {
    const bounce = [event('meter-bounce', 0, null)];
    const strokes = (closed: string, events: BenchEvent[]) =>
      run(pulseContext(), { ...SOUND_PULSE, closed }, steady(12, events)).sums.strokes;
    expect(strokes('8', bounce)).toBe(2 * strokes('8', []));
    expect(strokes('25', bounce)).toBe(strokes('25', []));
    const fast = {
      signal: {
        source: 'meter' as const,
        litresPerPulse: 0.2,
        contact: 'electronic' as const,
        closedShare: 0.5,
      },
    };
    expect(run(pulseContext(fast), { ...SOUND_PULSE, closed: '80' }, steady(24)).sums.strokes).toBe(0);
    expect(run(pulseContext(fast), { ...SOUND_PULSE, closed: '8' }, steady(24)).sums.strokes).toBeGreaterThan(
      0,
    );
  });
  test('MET-10: with the wire pulled a stop that closes leaves it running, one that permits does not', () => {
    const place = { ...PULSE_DUTY.place, stopContact: true };
    const pulled = [event('wire-pulled', 0, null), event('stop-asked', 0, null)];
    const strokes = (pause: string) =>
      run(pulseContext({ place }), { ...SOUND_PULSE, pause }, steady(12, pulled)).sums.strokes;
    expect(strokes('closes')).toBeGreaterThan(0);
    expect(strokes('permits')).toBe(0);
  });
  const night = hours([20, 0, 0, 0, 0, 0]);
  const gassy = { head: { dead_mL: 0.25, injection_bar: 0.5 } };
  test('MET-14 and MET-15: gas gathers in pauses and locks a head that cannot squeeze it; deaeration keeps it clear', () => {
    const locked = run(stepperContext(gassy), { ...SOUND_STEPPER, gas: 'off' }, night);
    expect(locked.sums.locked_s).toBeGreaterThan(3600);
    expect(locked.happenings.map((h) => h.words)).toContain('Gas lock: it strokes and nothing flows.');
    const clear = run(stepperContext(gassy), SOUND_STEPPER, night);
    expect(clear.sums.locked_s).toBe(0);
    expect(clear.sums.given_L).toBeGreaterThan(locked.sums.given_L);
  });
  test('MET-15: the lock is the rule of the check: a head that reaches the discharge clears itself', () => {
    const slug = [event('gas', 1, null, 5)];
    const run1 = (dead_mL: number) =>
      run(stepperContext({ ...calm, head: { dead_mL, injection_bar: 0.5 } }), SOUND_STEPPER, steady(20, slug))
        .sums.locked_s;
    expect(run1(0.25)).toBeGreaterThan(80_000);
    expect(run1(0.1)).toBeGreaterThan(0);
  });
  test('MET-16: without compensation the flow goes with the pressure, with it the flow stays', () => {
    const pressure = { least_bar: 1, greatest_bar: 6, lossPer_bar: 0.03 };
    const rise = [event('pressure', 0, null, 6)];
    const given = (comp: string, events: BenchEvent[]) =>
      run(stepperContext({ ...calm, pressure }), { ...SOUND_STEPPER, gas: 'off', comp }, steady(20, events))
        .sums.given_L;
    const flat = given('off', []);
    expect(given('off', rise) / flat).toBeCloseTo((1 - 0.18) / (1 - 0.06), 6);
    expect(given('on', rise) / flat).toBeCloseTo(1, 3);
  });
  test('MET-18: few large strokes swing the dose out of its band, many small ones do not', () => {
    const slugs = run(pulseContext(), SOUND_PULSE, steady(2));
    const even = run(pulseContext(), { ...SOUND_PULSE, work: 'times', factor: 1, stroke: 32 }, steady(2));
    const swing = (result: typeof slugs) => {
      const dose = result.traces.find((trace) => trace.key === 'dose')!;
      return dose.max[1000] - dose.min[1000];
    };
    expect(swing(slugs)).toBeGreaterThan(2 * swing(even));
  });
  test('MET-19: batches too long for their triggers are owed for ever', () => {
    const context = pulseContext({ mode: 'batch', batch: { volume_mL: 25, spacing_s: 60 } });
    const batch = { ...SOUND_PULSE, work: 'batch', portion: 60, rate: 30, stroke: 100 };
    expect(run(context, batch, steady(12)).sums.backlogMost).toBeGreaterThan(40_000);
    expect(run(context, { ...batch, rate: 61 }, steady(12)).sums.backlogMost).toBeLessThan(121);
  });
  test('MET-21 and MET-23: an empty tank and a power cut, with and without a reaction', () => {
    const empty = [event('tank-level', 1, null, 0)];
    const dry = (level: string) =>
      run(stepperContext(), { ...SOUND_STEPPER, level }, steady(20, empty)).sums.dry_s;
    expect(dry('warn')).toBeGreaterThan(80_000);
    expect(dry('stop')).toBe(0);
    const cut = [event('power-cut', 1, 2)];
    const strokes = (power: string) =>
      run(stepperContext(calm), { ...SOUND_STEPPER, power }, steady(20, cut)).sums.strokes;
    expect(strokes('run')).toBeGreaterThan(20 * strokes('wait'));
  });
});

test('pressure over a stroke: with gas the rise comes late, and stays low where the head is locked', () => {
  const context = stepperContext({ head: { dead_mL: 0.25, injection_bar: 0.5 } });
  const plant = benchPlant(context, understand(context.profile, context.plate, SOUND_STEPPER));
  const state = meteringModel(plant).init();
  const clean = strokeTrace(plant, state);
  expect(clean[1].bar).toBeCloseTo(3.513, 6);
  const locked = strokeTrace(plant, { ...state, gas_mL: 0.75 });
  // 1 m of lift leaves 0.894 bar at the valve, squeezed threefold
  expect(locked[60].bar).toBeCloseTo(2.682897, 6);
  expect(locked[10].bar).toBeLessThan(clean[10].bar);
});

test('the duty’s own day: the hours it names, or the usual flow', () => {
  expect(plainDay(pulseContext()).water.flows_m3h).toEqual(Array(24).fill(12));
});

describe('what the bench says of what it does not know', () => {
  test('a tank that nobody stated has no level: neither channel nor sum, and never 200 L', () => {
    const { sums, traces, unknown } = run(stepperContext(calm), SOUND_STEPPER, steady(20));
    expect('tank_L' in sums).toBe(false);
    expect(traces.map(({ key }) => key)).not.toContain('tank');
    expect(unknown).toContain('Nothing is known of the tank: it never runs empty.');
  });
  test('what paces the pump must be known: nothing is run on a guess', () => {
    const { currentB: _, ...noPoint } = SOUND_TWO_POINT;
    expect(() => run(twoPointContext(), noPoint, steady(20))).toThrow(
      'Not known: the range or the two points.',
    );
    const { operation: __, ...noMode } = SOUND_TWO_POINT;
    expect(() => run(twoPointContext(), noMode, steady(20))).toThrow('the mode');
  });
  test('a falling controller asks for more by less current: the feed grows with the demand', () => {
    const falling = {
      signal: {
        source: 'controller' as const,
        measures: 'residual' as const,
        low_mA: 4 as const,
        greatestFeed_lph: 0.3,
        action: 'falling' as const,
        onLostSignal: 'stop' as const,
      },
    };
    const given = (water: number) =>
      run(
        twoPointContext({ duty: dutyWith(falling) }),
        { ...SOUND_TWO_POINT, rateA: 50, rateB: 0, below: 'hold' },
        steady(water),
      ).sums.strokes;
    expect(given(40)).toBeGreaterThan(1.9 * given(20));
    expect(given(20)).toBeGreaterThan(1000);
  });
  test('a wire that breaks, and a watch that stops: the run says that the pump stopped', () => {
    const { happenings } = run(twoPointContext(), SOUND_TWO_POINT, steady(20, [event('broken-wire', 1, 2)]));
    const words = happenings.map((one) => one.words);
    expect(words).toContain('The watch takes the wire for broken: it stops the pump and shows it.');
    expect(words).toContain('The signal is back: the pump follows it again.');
  });
  test('single strokes make the dose wander within a minute: its mean stands beside minimum and maximum', () => {
    const { traces } = run(motorContext({ duty: { ...dutyWith({}), ...calm } }), SOUND_MOTOR, steady(10));
    const dose = traces.find(({ key }) => key === 'dose')!;
    for (const minute of [300, 700, 1200]) {
      expect(dose.mean[minute]).toBeGreaterThanOrEqual(dose.min[minute]);
      expect(dose.mean[minute]).toBeLessThanOrEqual(dose.max[minute]);
    }
    const minutes = dose.mean.slice(300, 1300);
    expect(Math.max(...minutes) - Math.min(...minutes)).toBeLessThan(
      Math.max(...dose.max.slice(300, 1300)) - Math.min(...dose.min.slice(300, 1300)),
    );
  });
});
