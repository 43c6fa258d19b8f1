import { Timeline, type BenchEvent, type BenchInputs, type Scenario } from '../../../bench';
import { AIR_bar, startsPerHour } from '../../../hydraulics';
import { ASKED, DIFFERENCE } from '../example-duties';
import { BOX, contextOf, DUTY, ONE, PAGES, SET, sound, WHEEL } from '../fixtures';
import { closed_hz, fullFlow_m3h, pumpOf } from '../effect/pump';
import { runsAtDraw } from '../effect/sharing';
import { usableOf_L } from '../effect/vessel';
import { understand } from '../settings/understand';
import type { DriveContext } from '../settings/context';
import type { DriveDuty } from '../wire/duty';
import { benchSheet, drawMinutes_m3h, plainDay } from './bench';
import type { DriveEvent } from './events';
import { driveModel } from './model';
import { drivePlant } from './plant';
import { pressureTrace } from './trace';

const HOUR = 3600;
const LASTS_h = 3;

/** Draws that begin again after a while, and what happens in the second hour. */
const steady = (draw_m3h: number, ...events: (Partial<BenchEvent> & { kind: string })[]): Scenario => ({
  days: 1,
  water: { every_s: 60, flows_m3h: [draw_m3h] },
  wobble: 0,
  seed: 1,
  events: events.map((event) => ({ at_s: HOUR, until_s: 2 * HOUR, amount: null, ...event })),
});

/** Three hours of the bench, second by second: a whole day of each slip would only take longer. */
function run(context: DriveContext, scenario: Scenario, change = {}, hours = LASTS_h) {
  const values = { ...sound(context), ...change };
  const model = driveModel(drivePlant(context, understand(context.profile, context.plate, values)));
  const timeline = new Timeline(scenario, 0, Object.keys(model.events));
  const state = model.init();
  const read = new Float64Array(model.channels.length);
  const means = new Float64Array(model.channels.length);
  const said = new Set<string>();
  const startsAt: number[] = [];
  for (let second = 0; second < hours * HOUR; second++) {
    const inputs = timeline.at(second);
    const { starts } = state;
    model.step(state, inputs as BenchInputs<DriveEvent>);
    if (state.starts > starts) startsAt.push(second);
    model.read(state, inputs as BenchInputs<DriveEvent>, read);
    for (let c = 0; c < read.length; c++) means[c] += read[c] / (hours * HOUR);
    const flags = model.flagsOf(state);
    model.flags.forEach(({ begins }, bit) => ((flags >> bit) & 1) === 1 && said.add(begins));
  }
  const at = (row: Float64Array, key: string) => row[model.channels.findIndex((one) => one.key === key)];
  return {
    sums: model.sums(state) as Readonly<Record<string, number>>,
    words: [...said],
    startsAt,
    last: (key: string) => at(read, key),
    mean: (key: string) => at(means, key),
  };
}
const wholeDay = (context: DriveContext) => benchSheet(context, sound(context), plainDay(context));
const traceOf = (of: ReturnType<typeof wholeDay>, key: string) =>
  of.traces.find((trace) => trace.key === key)!;
const noLeak = (duty: DriveDuty): DriveDuty => ({ ...duty, draw: { ...duty.draw, leak_m3h: 0 } });

test('a plain day on the plan: pressure for every draw, and a pump that rests', () => {
  const day = wholeDay(contextOf());
  expect(day.sums).toMatchObject({ dry_s: 0, hunts_min: 0, low_min: 0 });
  expect(day.sums.starts_h).toBeLessThanOrEqual(30);
  expect(day.sums.moved_m3).toBeGreaterThan(0.95 * drawMinutes_m3h(DUTY).reduce((sum, m) => sum + m / 60, 0));
});

test('at a steady draw it holds what is set, with the frequencies and the power of the curves', () => {
  const context = contextOf(SET, noLeak(DUTY));
  const settings = understand(SET, context.plate, sound(context));
  for (const draw of [2, 6]) {
    const day = run(context, steady(draw));
    const pump = pumpOf(context.duty);
    // drawn at the pressure that is needed: at a little more a little more flows
    const flow = day.last('flow');
    const shared = runsAtDraw(context, pump, settings, settings.sharing!, flow)!;
    expect(day.last('pressure')).toBeCloseTo(3.7, 2);
    expect(day.last('f1')).toBeCloseTo(shared.shares[0] * 50, 1);
    expect(day.last('power') / shared.power_W).toBeCloseTo(1, 2);
    expect(day.last('f2') > 0).toBe(shared.running === 2);
  }
});

// a pump that comes up to speed and fills at less than its greatest frequency takes longer: the smaller the vessel, the more that counts
test.each([
  [1000, 0.4, 0.95, 1.05],
  [60, 0.1, 0.65, 1],
  [60, 0.4, 0.65, 1],
  [60, 0.8, 0.65, 1],
])('starts an hour from %d L at %d m³/h are no more than the formula says', (volume_L, draw, least, most) => {
  const duty = noLeak({ ...ONE, vessel: { volume_L, precharge_bar: 2.9 } });
  const context = contextOf(WHEEL, duty);
  const values = { ...sound(context), fs: 39.6, boost: 0.2, cut: 3.2 };
  const settings = understand(WHEEL, context.plate, values);
  const day = run(context, steady(draw), values, volume_L > 100 ? 16 : 3);
  // named at the pressure that is needed; between cut-in and stop about as much flows
  const flow = day.mean('draw');
  const fill = fullFlow_m3h(context, pumpOf(duty), 50, 3.7, 0.2)!;
  const expected = startsPerHour(usableOf_L(context, settings)!, flow, fill, settings.stopDelay_s!);
  // from one start to another, the first one left out: a part of a cycle is none
  const [from, to] = [day.startsAt[1], day.startsAt.at(-1)!];
  const perHour = ((day.startsAt.length - 2) / (to - from)) * HOUR;
  expect(day.startsAt.length).toBeGreaterThan(8);
  expect(perHour / expected).toBeGreaterThan(least);
  expect(perHour / expected).toBeLessThan(most);
});

test('gas and water in the vessel are kept: p·V stays the whole day', () => {
  const context = contextOf(SET, noLeak(DUTY));
  const day = wholeDay(context);
  const [pressure, held] = [traceOf(day, 'pressure'), traceOf(day, 'vessel')];
  const gas = (2.9 + AIR_bar) * 60;
  for (const i of [5, 400, 801, 1200]) {
    if (held.min[i] <= 0) continue;
    expect((pressure.min[i] + AIR_bar) * (60 - held.min[i])).toBeCloseTo(gas, 6);
  }
});

describe('what goes wrong', () => {
  test('DRV-04: a stop frequency at that of the shut valve runs through; above it, it stops', () => {
    const night: Scenario = {
      ...steady(0),
      water: { every_s: 600, flows_m3h: [2, ...Array<number>(17).fill(0)] },
    };
    // a vessel that was filled too far lets any drive stop: without one only the frequency tells
    const context = contextOf(SET, { ...DUTY, vessel: null });
    expect(run(context, night, { P30: 39.1 }).sums.starts).toBe(1);
    expect(run(context, night).sums.starts).toBeGreaterThan(10);
  });
  test('DRV-05: dry, it stops within its delay; warning alone spoils the seal', () => {
    const dry = steady(2, { kind: 'inlet-dry' });
    const stops = run(contextOf(), dry);
    expect(stops.words).toContain('The drive has stopped with an error.');
    expect(stops.sums.dry_s).toBeLessThan(60);
    const warns = run(contextOf(), dry, { P42: '1' });
    expect(warns.words).toContain('It warns that it runs dry.');
    expect(warns.sums).toMatchObject({ spoiled: 1 });
    expect(run(contextOf(), dry, { P42: '0' }).sums.dry_s).toBeGreaterThan(3000);
  });
  test('DRV-08: a cut-in at what it stops at starts again and again; the planned one does not', () => {
    const leaks = steady(0);
    expect(run(contextOf(), leaks, { P24: 3.85 }).sums.starts_h).toBeGreaterThan(
      2 * run(contextOf(), leaks).sums.starts_h,
    );
  });
  test('DRV-09: with its wire off it goes to full speed, up to the maximum pressure; another one stops', () => {
    const off = steady(0, { kind: 'sensor-off' });
    const context = contextOf(SET, noLeak(DUTY));
    expect(run(context, off).sums.greatest_bar).toBeGreaterThan(5.5);
    const box = run(contextOf(BOX, noLeak(DUTY)), steady(2, { kind: 'sensor-off' }));
    expect(box.words).toContain('The drive has stopped with an error.');
  });
  test('DRV-10: gas that is lost lets it start far more often', () => {
    const context = contextOf();
    const lost = run(context, steady(0.3, { kind: 'gas-lost', at_s: 1, until_s: null }));
    expect(lost.sums.starts).toBeGreaterThan(2 * run(context, steady(0.3)).sums.starts);
  });
  test('DRV-12: a stop frequency that gives up real draws starts and stops all day', () => {
    expect(run(contextOf(), steady(1.3), { P30: 42 }).sums.starts).toBeGreaterThan(12);
    expect(run(contextOf(), steady(1.3)).sums.starts).toBeLessThanOrEqual(2);
  });
  test('DRV-13: with the lead out the others hold a draw that one carries, and are short of more', () => {
    const out = { kind: 'lead-out' };
    expect(run(contextOf(), steady(3, out)).sums.low_min).toBeLessThan(1);
    const short = run(contextOf(), steady(7, out));
    expect(short.sums.low_min).toBeGreaterThan(30);
    // a set whose lead alone has the sensor stops with it
    expect(run(contextOf(BOX, DUTY), steady(3, out)).words).toContain('The drive has stopped with an error.');
  });
  test('DRV-06: of two with one address one is never seen', () => {
    const twice = run(contextOf(), steady(7, { kind: 'address-twice' }));
    expect(twice.sums.low_min).toBeGreaterThan(30);
  });
  test('DRV-16: far too much gain hunts, the usual does not', () => {
    const bare = contextOf(WHEEL, noLeak({ ...ONE, vessel: null }));
    expect(run(bare, steady(1.5), { kp: 200, ti: 0.2 }).sums.hunts_min).toBeGreaterThan(60);
    expect(run(bare, steady(1.5), { kp: 20, ti: 2 }).sums.hunts_min).toBe(0);
  });
  test('with more at the inlet than is held nothing turns, and nothing hunts, however small the vessel', () => {
    const large = DUTY.pump.curve.map(({ flow_m3h, head_m }) => ({ flow_m3h: flow_m3h * 5, head_m }));
    const plenty = contextOf(SET, {
      ...DUTY,
      draw: { ...DUTY.draw, greatest_m3h: 30, leak_m3h: 0 },
      pump: { ...DUTY.pump, curve: large },
      inlet: { least_bar: 4.2, greatest_bar: 4.2 },
      vessel: { volume_L: 8, precharge_bar: 2.9 },
    });
    const day = run(plenty, steady(27), {}, 0.5);
    expect(day.last('f1')).toBe(0);
    expect(day.last('pressure')).toBeGreaterThan(3);
    expect(day.sums.hunts_min).toBe(0);
  });
  test('a power cut: it goes on, or it waits for a person', () => {
    const cut = steady(2, { kind: 'power-cut' });
    expect(run(contextOf(), cut, { P60: '1' }).words).not.toContain('The drive waits for a person.');
    expect(run(contextOf(), cut, { P60: '0' }).words).toContain('The drive waits for a person.');
  });
  test('a burst pipe is a draw that no set carries', () => {
    expect(run(contextOf(), steady(2, { kind: 'pipe-burst', amount: 30 })).sums.low_min).toBeGreaterThan(50);
  });
});

test('at one speed, or by an outside signal, it turns as it is told', () => {
  const speed = contextOf(WHEEL, { ...ONE, holds: { kind: 'speed', set_hz: 42 } });
  expect(run(speed, steady(2)).last('f1')).toBeCloseTo(42, 6);
  const signal = contextOf(WHEEL, { ...ONE, holds: { kind: 'signal', least_hz: 25, most_hz: 45 } });
  expect(run(signal, steady(2)).last('f1')).toBeCloseTo(25 + 20 * (2 / 4), 6);
});

describe('a closer look', () => {
  const context = contextOf();
  test('taps shut: the frequency falls below the stop frequency, then it stands', () => {
    const { frequency_hz, pressure_bar } = pressureTrace(context, sound(context), 'stop');
    expect(frequency_hz[5]).toBeGreaterThan(39.6);
    expect(frequency_hz.at(-1)).toBe(0);
    expect(Math.min(...pressure_bar)).toBeGreaterThan(3.6);
  });
  test('a tap opens: from the vessel first, then from the pump', () => {
    const { frequency_hz, pressure_bar } = pressureTrace(context, sound(context), 'start');
    expect(frequency_hz[5]).toBe(0);
    expect(Math.min(...pressure_bar)).toBeLessThan(3.25);
    expect(pressure_bar.at(-1)).toBeCloseTo(3.7, 1);
  });
  test.each([
    ['a set', SET, DUTY],
    ['a set without a vessel', SET, { ...DUTY, vessel: null }],
    ['one pump', WHEEL, ONE],
    ['one without a vessel', WHEEL, { ...ONE, vessel: null }],
  ])('discharge shut: %s settles where its own test expects it', (_, profile, duty) => {
    const context = contextOf(profile, duty);
    const values = sound(context);
    const settings = understand(context.profile, context.plate, values);
    const { frequency_hz, pressure_bar, marks } = pressureTrace(context, values, 'shut');
    const [shut, open] = marks.map(({ at_s }) => at_s);
    const expected = closed_hz(context, pumpOf(duty), settings, context.inlet.least_bar)!;
    expect(Math.abs(frequency_hz[open - 1] / expected - 1)).toBeLessThan(0.03);
    expect(pressure_bar[open - 1]).toBeCloseTo(settings.set_bar!, 1);
    expect(marks.map(({ words: said }) => said)).toEqual(['discharge shut', 'open again']);
    expect(frequency_hz[shut - 1]).toBeGreaterThan(expected);
  });
});

describe('told by a signal, or by two sensors', () => {
  const asked = contextOf(PAGES, noLeak(ASKED));
  const difference = contextOf(PAGES, noLeak(DIFFERENCE));

  test('with the signal’s wire off it does what is set for that, and what it had once it is back', () => {
    const off = { kind: 'signal-off', until_s: LASTS_h * HOUR };
    const half = steady(ASKED.draw.greatest_m3h / 2, off);
    // half of the signal is half of 30 to 50 Hz
    expect(run(asked, steady(ASKED.draw.greatest_m3h / 2)).last('f1')).toBeCloseTo(40, 1);
    expect(run(asked, half).last('f1')).toBeCloseTo(30, 1);
    expect(run(asked, half, { lost: 's' }).last('f1')).toBe(0);
    expect(run(asked, half, { lost: 'k' }).last('f1')).toBeCloseTo(40, 1);
    expect(run(asked, half, { lost: 'h' }).last('f1')).toBeCloseTo(50, 1);
    expect(run(asked, steady(2, { kind: 'signal-off' })).last('f1')).toBeCloseTo(40, 1);
  });
  test('a range that is not the source’s moves the low end', () => {
    const none = steady(0.001);
    expect(run(asked, none).last('f1')).toBeCloseTo(30, 1);
    expect(run(asked, none, { span: 'b' }).last('f1')).toBeCloseTo(34, 1);
  });
  test('swapped sensors drive it to its maximum', () => {
    const swapped = steady(2, { kind: 'sides-swapped', until_s: LASTS_h * HOUR });
    expect(run(difference, steady(2)).last('pressure')).toBeCloseTo(2, 1);
    expect(run(difference, swapped).last('f1')).toBeCloseTo(50, 1);
  });
  test('a range of the inlet’s sensor that is not its own moves the difference by the pressure there', () => {
    // 10 set for 6: the inlet’s 1 bar counts for 1.67, so 0.67 bar more are held
    expect(run(difference, steady(2), { rangeB: 10 }).last('pressure')).toBeCloseTo(2 + 1 * (10 / 6 - 1), 1);
  });
});
