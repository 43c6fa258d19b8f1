import { contextOf, DUTY, PLATE, sound, VACUUM } from '../fixtures';
import { understand } from '../settings/understand';
import type { TransferDuty } from '../wire/duty';
import { delivered_C, deliveredTable, uaOf } from './cooling';
import {
  ceilings,
  flowAt_m3h,
  movesAbove_rpm,
  pumpOf,
  speedFor_rpm,
  suctionCeiling_rpm,
  suctionHead_m,
} from './pump';
import type { PumpOut } from './pump';
import { falls_s, gulp_L, leastEven_m3h, litresBetween, meanInflow_m3h, swing_L } from './vessel';

const pump = pumpOf(DUTY);
const duty = (change: Partial<TransferDuty>): TransferDuty => ({ ...DUTY, ...change });

describe('what comes', () => {
  test('falls together, so often, and is the same mean however many fall together', () => {
    expect([gulp_L(DUTY), falls_s(DUTY)]).toEqual([28, 60]);
    for (const together of [1, 2, 4]) {
      const one = duty({ inflow: { ...DUTY.inflow, together } });
      expect(gulp_L(one)).toBe(14 * together);
      // four inlets, 14 L every two minutes each
      expect(meanInflow_m3h(one)).toBeCloseTo((4 * 14 * 30) / 1000, 9);
    }
  });
  test('a square metre a millimetre high is a litre; a swing the wrong way round holds none', () => {
    expect(litresBetween(DUTY, 100, 350)).toBeCloseTo(40, 9);
    expect(litresBetween(DUTY, 350, 100)).toBe(0);
    const context = contextOf();
    const settings = understand(context.profile, context.plate, sound(context));
    expect(swing_L(DUTY, { ...settings, bottom_mm: 100, top_mm: 200 })).toBeCloseTo(16, 9);
    expect(swing_L(DUTY, { ...settings, bottom_mm: null })).toBeNull();
  });
  test('LEV-09: a slug that does not fit the swing goes on at once', () => {
    expect(leastEven_m3h(DUTY, 28)).toBe(0);
    expect(leastEven_m3h(DUTY, 18)).toBeCloseTo((10 / 5) * 3.6, 9);
  });
});

const curveOf = (out: PumpOut) => {
  if (out.kind !== 'throws') throw new Error('It displaces.');
  return out.curve;
};

describe('the pump on its pipe', () => {
  test('its pipe is part of its curve, its lift stands against it', () => {
    expect(pump.lift_m).toBeCloseTo(4, 9);
    const free = pumpOf(duty({ pump: { ...DUTY.pump, pipe: null } }));
    expect(flowAt_m3h(free, 2860)).toBeGreaterThan(flowAt_m3h(pump, 2860));
    // 17 m closed, the points' own fall, and 5 m of pipe at 4 m³/h
    const q = flowAt_m3h(pump, 2860);
    const { closed_m, rise, fall } = curveOf(pump);
    expect(closed_m + rise * q - fall * q * q).toBeCloseTo(4, 6);
  });
  test('a vacuum is lifted out of too: it needs more speed before anything moves', () => {
    const out = pumpOf(VACUUM);
    expect(out.lift_m).toBeCloseTo(4 + 45_000 / (1050 * 9.80665), 2);
    expect(movesAbove_rpm(out)).toBeGreaterThan(movesAbove_rpm(pump));
  });
  test('LEV-02: under its minimum speed nothing moves, just above it a little does', () => {
    const least = movesAbove_rpm(pump);
    expect(flowAt_m3h(pump, least * 0.99)).toBe(0);
    expect(flowAt_m3h(pump, least * 1.02)).toBeGreaterThan(0);
    expect(least).toBeCloseTo(2860 * Math.sqrt(4 / curveOf(pump).closed_m), 6);
  });
  test('the speed for a flow gives that flow', () => {
    for (const flow of [0.3, 1.7, 4, 5.5])
      expect(flowAt_m3h(pump, speedFor_rpm(pump, flow))).toBeCloseTo(flow, 6);
  });
});

describe('what ends its speed upwards', () => {
  const of = (change: Partial<TransferDuty> = {}, plate = PLATE) => {
    const one = duty(change);
    return ceilings({ duty: one, plate }, pumpOf(one));
  };
  test('the minimum of them comes first, and what nobody knows ends nothing', () => {
    const all = of();
    expect(all.map(({ rpm }) => rpm)).toEqual([...all.map(({ rpm }) => rpm)].sort((a, b) => a - b));
    expect(all.map(({ by }) => by)).toEqual(expect.arrayContaining(['curve', 'limit', 'suction', 'motor']));
    const unknown = of(
      { pump: { ...DUTY.pump, npsh_m: null, limit_rpm: null } },
      { ...PLATE, rated_W: null },
    );
    expect(unknown.map(({ by }) => by)).toEqual(['curve']);
  });
  test('LEV-12: a vacuum leaves less at its inlet, warm product too; with none left it may not turn at all', () => {
    expect(suctionHead_m({ duty: VACUUM })).toBeLessThan(suctionHead_m({ duty: DUTY }));
    const ceiling = (change: Partial<TransferDuty>) => suctionCeiling_rpm({ duty: duty(change) })!;
    const warm = ceiling({ product: { ...DUTY.product, in_C: 70 } });
    expect(warm).toBeLessThan(ceiling({}));
    expect(ceiling({ vessel: { ...DUTY.vessel, vacuum_kPa: 99, above_m: 0 } })).toBe(0);
    expect(suctionCeiling_rpm({ duty: duty({ pump: { ...DUTY.pump, npsh_m: null } }) })).toBeNull();
  });
});

describe('what is delivered', () => {
  test('lies between product and coolant, and is the warmer the faster it goes', () => {
    let before = 0;
    for (const flow of [0.2, 0.8, 1.9, 3, 6]) {
      const at = delivered_C(DUTY, flow);
      expect(at).toBeGreaterThan(9);
      expect(at).toBeLessThan(21);
      expect(at).toBeGreaterThan(before);
      before = at;
    }
  });
  test('comes as it came without a cooler, or while nothing flows', () => {
    expect([delivered_C(VACUUM, 2), delivered_C(DUTY, 0)]).toEqual([16, 21]);
  });
  test('readings of a cooler give the one that they were read on', () => {
    const read = delivered_C(DUTY, 1.9);
    const ua = {
      kind: 'readings',
      product_m3h: 1.9,
      coolant_m3h: 4.3,
      in_C: 21,
      coolant_C: 9,
      out_C: read,
    } as const;
    const own = uaOf(DUTY.product, { ...DUTY.cooler!, ua });
    expect(own.at_m3h).toBe(1.9);
    expect(own.ua_kWK).toBeCloseTo(3.6, 3);
  });
  test('the table that the bench reads between is that, at its ends and within a hundredth between', () => {
    const table = deliveredTable(DUTY, 6);
    expect(table).toHaveLength(256);
    for (const flow of [0.6, 2.1, 3.3, 5.7]) {
      const at = (flow / 6) * 255;
      const [low, part] = [Math.floor(at), at % 1];
      const between = table[low] + (table[low + 1] - table[low]) * part;
      expect(Math.abs(between - delivered_C(DUTY, flow))).toBeLessThan(0.01);
    }
    expect(table[255]).toBeCloseTo(delivered_C(DUTY, 6), 9);
  });
});
