import type { BenchEvent, Scenario } from '../../../bench';
import { lineHead_m } from '../../../hydraulics';
import { lineOf } from '../effect/line';
import { pumpOf } from '../effect/pump';
import { BUILDING, contextOf, DUTY, sound, TWIN, TWIN_DUTY } from '../fixtures';
import { understand } from '../settings/understand';
import { benchSheet, heatingDay, plainDay } from './bench';

const over = (event: Partial<BenchEvent> & { kind: string }): Scenario => ({
  ...plainDay(),
  events: [{ at_s: 36_000, until_s: 43_200, amount: null, ...event }],
});
const VOLTS = contextOf(BUILDING, {
  ...DUTY,
  control: { kind: 'volts', off_V: 1, on_V: 1.5, full_V: 10 },
});
const run = (context = contextOf(), change = {}, scenario = plainDay()) =>
  benchSheet(context, { ...sound(context), ...change }, scenario);
const traceOf = (of: ReturnType<typeof run>, key: string) => of.traces.find((trace) => trace.key === key)!;

test('a winter day on the plan: as much flow as required, quietly', () => {
  const { sums } = run();
  expect(sums).toMatchObject({ short_h: 0, noisy_h: 0, starts: 1 });
  expect(sums.moved_m3).toBeCloseTo(sums.wanted_m3, 6);
});

test('in steady weather the head is the line’s, the speed and the power follow from the curve', () => {
  const context = contextOf();
  const steady: Scenario = { ...plainDay(), weather: { air_C: [5], sun: [0] } };
  const day = run(context, {}, steady);
  const pump = pumpOf(context.duty);
  const line = lineOf(context, pump, understand(context.profile, context.plate, sound(context)))!;
  const flow = (pump.flow_m3h * 15) / 25;
  expect(traceOf(day, 'flow').mean[100]).toBeCloseTo(flow, 9);
  expect(traceOf(day, 'head').mean[100]).toBeCloseTo(lineHead_m(line, pump.curve, flow), 9);
  expect(day.sums.kWh).toBeCloseTo((traceOf(day, 'power').mean[100] / 1000) * 24, 6);
});

test('energy falls from fixed to constant to proportional, each set to carry the duty', () => {
  const [fixed, constant, proportional] = (['fixed', 'constant', 'proportional'] as const).map((mode) => {
    const context = contextOf(BUILDING, { ...DUTY, choices: { mode } });
    return run(context).sums.kWh;
  });
  expect(fixed).toBeGreaterThan(constant);
  expect(constant).toBeGreaterThan(proportional);
});

test('CIR-18 on the bench: constant head whistles at part load, proportional does not', () => {
  const mild: Scenario = { ...plainDay(), weather: heatingDay('mild') };
  expect(run(contextOf(), { mode: 'dpc', head: 4.2 }, mild).sums.noisy_h).toBeGreaterThan(6);
  expect(run(contextOf(), {}, mild).sums.noisy_h).toBe(0);
});

test('CIR-12 on the bench: a head that is too low is short on the coldest day alone', () => {
  const cold: Scenario = { ...plainDay(), weather: heatingDay('cold') };
  expect(run(contextOf(), { mode: 'dpc', head: 2 }, cold).sums.short_h).toBeGreaterThan(4);
  expect(run(contextOf(), { mode: 'dpc', head: 2 }).sums.short_h).toBe(0);
});

test('CIR-15 on the bench: every valve shut leaves the bypass, or nothing', () => {
  const shut = over({ kind: 'all-shut' });
  const at = Math.floor((39_600 / 86_400) * traceOf(run(), 'flow').mean.length);
  expect(traceOf(run(contextOf(), {}, shut), 'flow').mean[at]).toBeCloseTo(0.2, 9);
  const none = contextOf(BUILDING, { ...DUTY, valves: { allMayShut: true, leastFlow_m3h: null } });
  expect(traceOf(run(none, {}, shut), 'flow').mean[at]).toBe(0);
});

describe('CIR-16 on the bench: told by volts', () => {
  test('the wire off, it stands for as long, and starts again by itself', () => {
    const { sums, happenings } = run(VOLTS, {}, over({ kind: 'wire-off' }));
    expect(sums.short_h).toBeCloseTo(2, 2);
    expect(sums.starts).toBe(2);
    expect(happenings.map(({ words }) => words)).toEqual(
      expect.arrayContaining(['The signal’s wire off.', 'It stands.', 'The pump runs.']),
    );
  });
  test('drifting between both thresholds it keeps its state; under the lower one it stands', () => {
    expect(run(VOLTS, {}, over({ kind: 'volts-low', amount: 1.4 })).sums.starts).toBe(1);
    expect(run(VOLTS, {}, over({ kind: 'volts-low', amount: 1.2 })).sums.starts).toBe(2);
    // at what the site rests at it stands
    expect(run(VOLTS, {}, over({ kind: 'at-rest' as never })).sums.starts).toBe(2);
  });
});

test('CIR-04 on the bench: a contact that is open keeps it standing; opened, it stands until it is closed', () => {
  const open = contextOf(BUILDING, { ...DUTY, contact: 'open' });
  expect(run(open, { start: 'start' }).sums).toMatchObject({ kWh: 0, starts: 0 });
  const wired = contextOf(BUILDING, { ...DUTY, contact: 'wired' });
  expect(run(wired, {}, over({ kind: 'contact-open' })).sums).toMatchObject({ starts: 2 });
});

test('after a power cut it goes on, or waits for a person', () => {
  expect(run(contextOf(), {}, over({ kind: 'power-cut' })).sums.starts).toBe(2);
  const waits = run(contextOf(), { cut: 'wait' }, over({ kind: 'power-cut' }));
  expect(waits.sums.starts).toBe(1);
  expect(waits.sums.short_h).toBeCloseTo(14, 1);
});

test('CIR-06 on the bench: too small a range holds too much head', () => {
  const sensor = contextOf(BUILDING, { ...DUTY, control: { kind: 'sensor', range_bar: 0.6 } });
  const right = run(sensor).sums.kWh;
  expect(run(sensor, { range: 0.4 }).sums.kWh).toBeGreaterThan(right * 1.2);
});

test('what is not known stands, and is said', () => {
  const nothing = benchSheet(contextOf(), {}, plainDay());
  expect(nothing.sums).toMatchObject({ kWh: 0, starts: 0 });
  expect(nothing.unknown).toContain('The mode is not known: it stands.');
});

describe('a twin', () => {
  const twin = contextOf(TWIN, TWIN_DUTY);
  const great = contextOf(TWIN, { ...TWIN_DUTY, heat_kW: 62 });
  test('CIR-09: the other takes over when the lead fails; where none leads it stands', () => {
    const fails = over({ kind: 'lead-fails' });
    expect(run(twin, {}, fails).sums.short_h).toBeLessThan(0.1);
    expect(run(twin, { part: 'lead', 'part/2': 'lead' }, fails).sums.short_h).toBeGreaterThan(1.9);
  });
  test('CIR-14: a flap valve that leaks takes power from every hour that one runs, and flow on the coldest day', () => {
    const leaks = over({ kind: 'flap-leaks', at_s: 0, until_s: null });
    expect(run(twin, {}, leaks).sums.kWh).toBeGreaterThan(1.05 * run(twin).sums.kWh);
    const cold: Scenario = { ...leaks, weather: heatingDay('cold') };
    // what leaks is moved beside what is wanted as long as its speed lets it: on a usual day nobody goes short
    expect(run(twin, {}, leaks).sums.short_h).toBe(run(twin).sums.short_h);
    expect(run(twin, {}, cold).sums.short_h).toBeGreaterThan(
      run(twin, {}, { ...cold, events: [] }).sums.short_h,
    );
  });
  test('on demand the second runs in the cold hours alone; always, all day, for more power', () => {
    const cold: Scenario = { ...plainDay(), weather: heatingDay('cold') };
    const mild: Scenario = { ...cold, weather: heatingDay('mild') };
    expect(run(great, {}, cold).sums.both_h).toBeGreaterThan(0);
    const alone = run(great, {}, mild).sums;
    const always = run(great, { together: 'both' }, mild).sums;
    expect([alone.both_h, always.both_h]).toEqual([0, 24]);
    expect(always.kWh).toBeGreaterThan(alone.kWh);
  });
});

test('CIR-21 on the bench: a silent link stops it, or leaves it in its own mode, as it is set', () => {
  const link = contextOf(BUILDING, { ...DUTY, control: { kind: 'link', others: [], silent: 'stop' } });
  const silent = over({ kind: 'link-silent' });
  expect(run(link, {}, silent).sums.short_h).toBeCloseTo(2, 1);
  const goesOn = contextOf(BUILDING, { ...DUTY, control: { kind: 'link', others: [], silent: 'own-mode' } });
  expect(run(goesOn, {}, silent).sums.short_h).toBe(0);
});

test('CIR-21 on the bench: without its sensor it goes to full speed, and says that this is taken', () => {
  const sensor = contextOf(BUILDING, { ...DUTY, control: { kind: 'sensor', range_bar: 0.6 } });
  const off = run(sensor, {}, over({ kind: 'wire-off' }));
  expect(Math.max(...traceOf(off, 'speed').max)).toBe(100);
  expect(off.unknown).toContain('Without its sensor it is taken to go to full speed.');
  expect(Math.max(...traceOf(run(sensor), 'speed').max)).toBeLessThan(100);
});
