import { contextOf, DUTY, HOT, HOUSE, PLATE, TWIN, TWIN_DUTY } from '../fixtures';
import { understand, type CirculatorSettings } from '../settings/understand';
import type { CirculatorDuty } from '../wire/duty';
import {
  flowForReturn_m3h,
  lossOf_kW,
  minutesOf,
  pauseOf_min,
  returnAt_C,
  standsByTemperature_min,
} from './hot-water';
import {
  atDuty_m,
  beforeBranch,
  heldHead_m,
  lineOf,
  lineOfMode,
  openFlow_m3h,
  secondJoins,
  selfSpan,
  valveHead_m,
  varies,
  yearCost,
  yearEnergy_kWh,
} from './line';
import { carrierOf, pumpOf, spare_m } from './pump';
import { purgeFlow_m3h, purgeTime_s, purgeVelocity_ms } from './purge';
import { proposedWay, twinGain } from './twin';

const context = contextOf();
const pump = pumpOf(DUTY);
const settings = (change: Partial<CirculatorSettings> = {}): CirculatorSettings => ({
  ...understand(context.profile, PLATE, {}),
  ...change,
});
const duty = (change: Partial<CirculatorDuty>): CirculatorDuty => ({ ...DUTY, ...change });

describe('a circulator on its system', () => {
  test('has the flow that carries the heat, and the loss of its index circuit at it', () => {
    // 38 kW at 12 K in warm water
    expect(pump.flow_m3h).toBeCloseTo(38 / (1.16 * 12), 1);
    expect(pump.loss * pump.flow_m3h ** 2).toBeCloseTo(3.2, 9);
  });
  test('needs more flow for the same heat in a mixture, and less for a greater difference', () => {
    const mixed = duty({
      carrier: { kind: 'mixture', density_kgm3: 1040, heat_kJkgK: 3.6, viscosity_mm2s: 3 },
    });
    expect(pumpOf(mixed).flow_m3h).toBeGreaterThan(pump.flow_m3h);
    expect(pumpOf(duty({ difference_K: 24 })).flow_m3h).toBeCloseTo(pump.flow_m3h / 2, 9);
    expect(carrierOf(duty({ system: 'cooling' }))).not.toEqual(carrierOf(DUTY));
  });
  test('CIR-01: what full speed has left is below zero where the duty lies outside its curve', () => {
    expect(spare_m(pump, DUTY)).toBeGreaterThan(0);
    const large = duty({ heat_kW: 70 });
    expect(spare_m(pumpOf(large), large)).toBeLessThan(0);
  });
});

describe('the line that it holds', () => {
  const [constant, fixed] = [
    { kind: 'constant', set_m: 3.2 },
    { kind: 'fixed', share: 1 },
  ] as const;
  test('is that of its mode; a figure that is not known makes none, and self-adjusting finds its own', () => {
    const of = (mode: Parameters<typeof lineOfMode>[2], head_m: number | null, share: number | null) =>
      lineOfMode(context, pump, mode, { head_m, share });
    expect(of('constant', 3.2, null)).toEqual(constant);
    expect(of('fixed', null, 0.7)).toEqual({ kind: 'fixed', share: 0.7 });
    expect([of('constant', null, 1), of('fixed', 3, null), of('self', 3, 1)]).toEqual([null, null, null]);
    expect(of('proportional', 3.2, null)).toMatchObject({ zeroShare: 0.5, design_m3h: pump.flow_m3h });
    const [low, high] = selfSpan(context)!;
    expect(atDuty_m(pump, low)).toBeLessThan(atDuty_m(pump, high));
  });
  test('proportional gives the set head at the duty, and its share of it at no flow', () => {
    const line = lineOfMode(context, pump, 'proportional', { head_m: 3.2, share: null })!;
    expect(atDuty_m(pump, line)).toBeCloseTo(3.2, 6);
    expect(atDuty_m({ ...pump, flow_m3h: 0 }, line)).toBeCloseTo(1.6, 6);
  });
  test('CIR-05: volts ask for their own speed, whatever mode is set', () => {
    expect(lineOf(context, pump, settings({ mode: 'constant', head_m: 2, source: 'volts' }))).toEqual(fixed);
    expect(lineOf(context, pump, settings({ mode: null }))).toBeNull();
  });
  test('CIR-07: a sensor whose range is set otherwise than its label makes another head of it', () => {
    const sensed = contextOf(context.profile, duty({ control: { kind: 'sensor', range_bar: 1 } as never }));
    const at = (range_bar: number | null) => heldHead_m(sensed, settings({ source: 'sensor', range_bar }), 4);
    expect(at(1)).toBe(4);
    expect(at(0.6)).toBeCloseTo(4 / 0.6, 9);
    expect([at(null), at(0)]).toEqual([4, 4]);
    expect(heldHead_m(context, settings({ source: 'sensor', range_bar: 0.6 }), 4)).toBe(4);
  });
  test('costs the less in a year the lower it is, and nothing that varies costs its whole time at the duty', () => {
    const kWh = (line: Parameters<typeof yearEnergy_kWh>[2], on = context, of = pump) =>
      yearEnergy_kWh(on, of, line);
    const proportional = lineOfMode(context, pump, 'proportional', { head_m: 3.2, share: null })!;
    expect(kWh(proportional)).toBeLessThan(kWh(constant));
    expect(kWh(constant)).toBeLessThan(kWh(fixed));
    expect(yearCost(context, pump, constant)).toBeCloseTo(kWh(constant) * 0.3, 9);
    const steady = contextOf(context.profile, duty({ system: 'primary' }));
    expect(varies(steady.duty)).toBe(false);
    expect(kWh(fixed, steady, pumpOf(steady.duty))).toBeGreaterThan(
      kWh(constant, steady, pumpOf(steady.duty)),
    );
  });
  test('every valve open, it runs out to where line and pipes meet', () => {
    const open = openFlow_m3h(pump, constant);
    expect(pump.loss * open * open).toBeCloseTo(3.2, 6);
    expect(openFlow_m3h(pump, fixed)).toBeGreaterThan(open);
  });
  test('valves take up what pipes do not: less of it where most is lost in the loops themselves', () => {
    expect([beforeBranch(DUTY), beforeBranch(duty({ system: 'underfloor' }))]).toEqual([1, 0.2]);
    expect(beforeBranch(duty({ index: { ...DUTY.index, before: 0.6 } as never }))).toBe(0.6);
    const floor = duty({ system: 'underfloor' });
    expect(valveHead_m(floor, pumpOf(floor), constant)).toBeLessThan(valveHead_m(DUTY, pump, constant));
    expect(valveHead_m(DUTY, pump, constant)).toBeCloseTo(3.2 - 3.2 / 16, 6);
  });
});

describe('a twin', () => {
  test('the second adds little with every valve open: the pipes take most of it', () => {
    const { one_m3h, two_m3h, gain } = twinGain(TWIN_DUTY);
    expect(two_m3h).toBeGreaterThan(one_m3h);
    expect(gain).toBeCloseTo(two_m3h / one_m3h - 1, 9);
    expect(gain).toBeLessThan(0.6);
  });
  test('they take turns where one carries the duty, and work together where it does not', () => {
    expect(proposedWay(TWIN_DUTY)).toBe('alternate');
    expect(proposedWay({ ...TWIN_DUTY, heat_kW: 60 })).toBe('on-demand');
    expect([
      pumpOf(TWIN_DUTY, 'alternate').runs,
      pumpOf(TWIN_DUTY, 'always').runs,
      pumpOf(DUTY, 'always').runs,
    ]).toEqual(['one', 'both', 'one']);
  });
  test('on demand the second joins only where one gives less than the line asks for', () => {
    const twin = pumpOf(TWIN_DUTY, 'on-demand');
    const line = { kind: 'constant', set_m: 3.2 } as const;
    expect(secondJoins(twin, line, 0.5)).toBe(false);
    expect(secondJoins(twin, line, 4.5)).toBe(true);
    expect(secondJoins(pumpOf(TWIN_DUTY, 'always'), line, 0.5)).toBe(true);
    const on = contextOf(TWIN, TWIN_DUTY);
    expect(yearEnergy_kWh(on, twin, line)).toBeLessThanOrEqual(
      yearEnergy_kWh(on, pumpOf(TWIN_DUTY, 'always'), line) + 1e-9,
    );
  });
});

describe('air', () => {
  test('CIR-03: a loop is purged once its water went through it three times', () => {
    expect(purgeTime_s(DUTY, 40)).toBeCloseTo((3 * 0.04 * 3600) / purgeFlow_m3h(DUTY), 9);
    expect(purgeTime_s(DUTY, 80)).toBeCloseTo(2 * purgeTime_s(DUTY, 40), 9);
  });
  test('a loop in a floor takes what carries air along in 12 mm: 13 L three times at 0.6 m/s', () => {
    // 0.6 m/s × 113.1 mm² are 67.9 mL/s
    expect(purgeTime_s({ ...DUTY, system: 'underfloor' }, 13)).toBeCloseTo(574.7, 1);
  });
  test('goes with the water where that is fast enough; a bore that nobody knows says nothing', () => {
    expect(purgeVelocity_ms(DUTY)).toBeGreaterThan(0.6);
    expect(purgeVelocity_ms(duty({ pipe: { bore_mm: 80, material: 'steel' } }))).toBeLessThan(
      purgeVelocity_ms(DUTY)!,
    );
    expect(purgeVelocity_ms(HOUSE)).toBeNull();
  });
});

describe('a hot-water return', () => {
  const hot = HOT.hotWater!;
  test('brings its water back at its coolest with the flow that it asks for', () => {
    expect(lossOf_kW(hot)).toBeCloseTo(0.72, 9);
    const flow = flowForReturn_m3h(hot);
    expect(returnAt_C(hot, flow)).toBeCloseTo(55, 6);
    expect(returnAt_C(hot, flow * 2)).toBeCloseTo(57.5, 6);
  });
  test('with little flow it comes back no colder than the house, and with none as that', () => {
    expect([returnAt_C(hot, 1e-6), returnAt_C(hot, 0)]).toEqual([20, 20]);
  });
  test('by temperature it stands while its water cools by 2 K: 18 L in 16 mm lose 720 W', () => {
    // 18.1 L × 4.13 kJ/(L·K) × 40 K / 0.72 kW × ln(37/35); a bore that nobody read is taken for 20 mm
    expect(standsByTemperature_min(hot, 16, 55)).toBeCloseTo(3.845, 2);
    expect(standsByTemperature_min(hot, null, 55)).toBeCloseTo(6.008, 2);
  });
  test('a clock leaves it standing between its runs, over midnight too; without a run all day', () => {
    expect(pauseOf_min([])).toBe(1440);
    expect(pauseOf_min([{ from: 0, to: 60 }])).toBe(1380);
    expect(
      pauseOf_min([
        { from: 1380, to: 60 },
        { from: 600, to: 660 },
      ]),
    ).toBe(720);
    expect(minutesOf([{ from: 1380, to: 60 }]).reduce((sum, one) => sum + one, 0)).toBe(120);
    // runs that lie over each other run once
    expect(
      minutesOf([
        { from: 0, to: 60 },
        { from: 30, to: 90 },
      ]).reduce((sum, one) => sum + one, 0),
    ).toBe(90);
  });
});
