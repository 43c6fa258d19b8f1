import { pressureOf_bar } from '../../../hydraulics';
import { contextOf, DUTY, ONE, SET, sound } from '../fixtures';
import { understand, type DriveSettings } from '../settings/understand';
import type { DriveDuty } from '../wire/duty';
import { cheaperSharing, drawDay_m3h, runsAtDraw, sharingDay_kWh } from './sharing';
import {
  closed_hz,
  fullFlow_m3h,
  greatestPower_W,
  greatestPressure_bar,
  pumpOf,
  reaches_bar,
  stopSpan_m3h,
  stopsUnder_m3h,
  suctionHead_m,
} from './pump';
import {
  askedAt_bar,
  enoughAtNil_bar,
  heldAt_bar,
  neededSet_bar,
  really_bar,
  startsAt_bar,
  stopsAt_bar,
} from './set';
import { startsInWords, startsMost, usableOf_L } from './vessel';

const context = contextOf();
const pump = pumpOf(DUTY);
const settings = (change: Partial<DriveSettings> = {}, on = context): DriveSettings => ({
  ...understand(on.profile, on.plate, sound(on)),
  ...change,
});

describe('the pressure that is asked for', () => {
  test('is that at the tap, the height of it and the loss of the pipe, which goes with the square of the draw', () => {
    const nil = 2 + pressureOf_bar(12);
    expect(enoughAtNil_bar(DUTY)).toBeCloseTo(nil, 9);
    expect(neededSet_bar(DUTY)).toBeCloseTo(nil + 0.5, 9);
    expect(askedAt_bar(DUTY, 3.5)).toBeCloseTo(nil + 0.5 / 4, 9);
    expect(askedAt_bar(DUTY, 0)).toBe(enoughAtNil_bar(DUTY));
  });
  test('is none where a speed is held, and a difference stands on nothing', () => {
    const speed: DriveDuty = { ...DUTY, holds: { kind: 'speed', set_hz: 40 } };
    expect([neededSet_bar(speed), enoughAtNil_bar(speed), askedAt_bar(speed, 1)]).toEqual([null, null, null]);
    const difference: DriveDuty = { ...DUTY, holds: { kind: 'difference', set_bar: 1.2 } };
    expect([neededSet_bar(difference), enoughAtNil_bar(difference)]).toEqual([1.2, 0]);
  });
});

describe('the pressure that it really holds', () => {
  test('DRV-01: a range that is not the sensor’s own makes another pressure of it: set · R / r', () => {
    expect(really_bar(context, settings({ range_bar: 16 }), 4)).toBeCloseTo((4 * 10) / 16, 9);
    expect(really_bar(context, settings({ range_bar: 6 }), 4)).toBeCloseTo((4 * 10) / 6, 9);
    expect(really_bar(context, settings({ range_bar: 10 }), 4)).toBe(4);
  });
  test('is what is set where the range was not read, or is none', () => {
    expect([null, 0, -1].map((range_bar) => really_bar(context, settings({ range_bar }), 4))).toEqual([
      4, 4, 4,
    ]);
  });
  test('is lifted with the square of the draw, and no further than the maximum', () => {
    const lifted = settings({ set_bar: 3, lift_bar: 0.4, range_bar: 10 });
    expect([0, 3.5, 7, 20].map((draw) => heldAt_bar(context, lifted, draw))).toEqual(
      [3, 3.1, 3.4, 3.4].map((bar) => expect.closeTo(bar, 9)),
    );
    expect(heldAt_bar(context, settings({ set_bar: null }), 2)).toBeNull();
  });
  test('it stops above what it holds by its boost, and starts at its cut-in, each as the sensor makes it', () => {
    const odd = settings({ set_bar: 4, boost_bar: 0.4, cutIn_bar: 3.2, range_bar: 20 });
    expect(stopsAt_bar(context, odd)).toBeCloseTo(2.2, 9);
    expect(startsAt_bar(context, odd)).toBeCloseTo(1.6, 9);
    expect([
      stopsAt_bar(context, settings({ set_bar: null })),
      startsAt_bar(context, settings({ cutIn_bar: null })),
    ]).toEqual([null, null]);
  });
});

describe('one pump', () => {
  test('against a shut valve gives the inlet’s maximum and its head by the square of its speed', () => {
    expect(greatestPressure_bar(context, pump, 50)).toBeCloseTo(
      0.25 + pressureOf_bar(pump.curve.closed_m),
      9,
    );
    expect(greatestPressure_bar(context, pump, 25)).toBeCloseTo(
      0.25 + pressureOf_bar(pump.curve.closed_m / 4),
      9,
    );
  });
  test('turns slower against a shut valve with more at its inlet, and needs not turn where the inlet has it all', () => {
    const held = settings({ set_bar: 3.5, lift_bar: 0, range_bar: 10 });
    const [low, high] = [0.2, 1].map((inlet) => closed_hz(context, pump, held, inlet)!);
    expect(high).toBeLessThan(low);
    expect(pressureOf_bar(pump.curve.closed_m * (low / 50) ** 2) + 0.2).toBeCloseTo(3.5, 6);
    expect(closed_hz(context, pump, held, 3.6)).toBeNull();
  });
  test('stops under a greater draw with more at its inlet; a stop frequency below its closed one is never reached', () => {
    const held = settings({ set_bar: 3.5, lift_bar: 0, range_bar: 10 });
    const closed = closed_hz(context, pump, held, 0.2)!;
    expect(stopsUnder_m3h(context, pump, { ...held, stop_hz: closed - 1 }, 0.2)).toBeNull();
    const [surely, most] = stopSpan_m3h(context, pump, { ...held, stop_hz: closed + 2 })!;
    expect(surely).toBeGreaterThan(0);
    expect(most).toBeGreaterThan(surely);
    expect(stopSpan_m3h(context, pump, { ...held, stop_hz: null })).toBeNull();
  });
  test('gives less against more, and nothing where it does not reach', () => {
    const flows = [3, 4, 5].map((bar) => fullFlow_m3h(context, pump, 50, bar, 0.2)!);
    expect(flows[0]).toBeGreaterThan(flows[1]);
    expect(flows[1]).toBeGreaterThan(flows[2]);
    expect(fullFlow_m3h(context, pump, 25, 5, 0.2)).toBeNull();
  });
  test('takes most where it runs out furthest: with the maximum at its inlet, up to the maximum draw', () => {
    const most = greatestPower_W(context, pump, 50, 3.7);
    const runOut = fullFlow_m3h(context, pump, 50, 3.7, 0.25)!;
    expect(most.flow_m3h).toBeCloseTo(Math.min(7, runOut), 9);
    expect(most.power_W).toBeCloseTo(900 + 150 * most.flow_m3h, 0);
    expect(greatestPower_W(context, pump, 25, null).power_W).toBeLessThan(most.power_W);
  });
  test('two reach more at a draw than one, and both less than at none', () => {
    const at = (count: number, draw: number) => reaches_bar(context, pump, 50, count, draw);
    expect(at(2, 4)).toBeGreaterThan(at(1, 4));
    expect(at(2, 0)).toBeCloseTo(at(1, 0), 9);
    expect(at(1, 0)).toBeCloseTo(0.2 + pressureOf_bar(pump.curve.closed_m), 6);
  });
  test('has less head above boiling where the water is warm, or the place is high', () => {
    const head = (water: DriveDuty['water']) => suctionHead_m(contextOf(SET, { ...DUTY, water }));
    const usual = head({ temperature_C: 12, altitude_m: 20 });
    expect(head({ temperature_C: 60, altitude_m: 20 })).toBeLessThan(usual);
    expect(head({ temperature_C: 12, altitude_m: 1500 })).toBeLessThan(usual);
  });
});

describe('a vessel', () => {
  test('gives water between its start and its stop, and none without one', () => {
    const own = settings();
    const usable = usableOf_L(context, own)!;
    expect(usable).toBeGreaterThan(0);
    expect(usable).toBeLessThan(60);
    // more between them is more water
    expect(usableOf_L(context, { ...own, cutIn_bar: own.cutIn_bar! - 0.3 })).toBeGreaterThan(usable);
    expect(usableOf_L(contextOf(SET, { ...DUTY, vessel: null }), own)).toBe(0);
  });
  test('whose gas nobody measured, or whose start is above its stop, has none that is known', () => {
    expect(usableOf_L(contextOf(SET, DUTY, { precharge_bar: null }), settings())).toBeNull();
    expect(usableOf_L(context, settings({ cutIn_bar: 9 }))).toBeNull();
  });
  test('a larger one is started less often; what never stops never starts', () => {
    const starts = (volume_L: number) => {
      const on = contextOf(SET, { ...DUTY, vessel: { volume_L, precharge_bar: 2.9 } });
      return startsMost(on, pump, settings({}, on))?.starts_h ?? 0;
    };
    expect(starts(24)).toBeGreaterThan(starts(60));
    expect(starts(60)).toBeGreaterThan(starts(300));
    expect(startsMost(context, pump, settings({ stop_hz: null }))).toBeNull();
    expect([startsInWords(29.6, 0), startsInWords(Infinity, 0)]).toEqual([
      '30 times an hour',
      'anew as soon as it has stopped',
    ]);
  });
});

describe('sharing a draw', () => {
  test('each hour of its day is carried by as many as it needs, for the same pressure', () => {
    const own = settings();
    for (const draw of drawDay_m3h(DUTY)) {
      const shared = runsAtDraw(context, pump, own, 'one-varies', draw)!;
      expect(shared.power_W).toBeGreaterThan(0);
    }
    expect(runsAtDraw(context, pump, own, 'one-varies', 40)).toBeNull();
  });
  test('the dearer way is never called the cheaper; one pump has no two ways', () => {
    const day = sharingDay_kWh(context, pump, settings());
    const cheaper = cheaperSharing(context, pump, settings())!;
    const known = Object.values(day).filter((kWh) => kWh !== null);
    expect(day[cheaper]).toBeCloseTo(Math.min(...known), 9);
    const one = contextOf(SET, ONE);
    const alone = sharingDay_kWh(one, pumpOf(ONE), settings({}, one));
    expect(alone['one-varies']).toBeCloseTo(alone['all-vary']!, 6);
    expect(cheaperSharing(context, pump, settings({ set_bar: null }))).toBeNull();
  });
});
