import fc from 'fast-check';
import type { PoolDuty } from '../wire/duty';
import { DUTY, PANEL_DUTY } from '../fixtures';
import {
  cleanFlow_m3h,
  leastSpeed_rpm,
  neededPerDay_m3,
  pumpOf,
  totalVolume_m3,
  wallsOf,
  wallSpeed,
} from './hydraulics';

const limited = (limits: Partial<PoolDuty['limits']>): PoolDuty => ({
  ...DUTY,
  limits: { filter_m3h: null, cover_m3h: null, suction_mm: null, return_mm: null, ...limits },
});
const speeds = fc.double({ min: 500, max: 3260, noNaN: true });

describe('walls', () => {
  test('the lowest stands first; what is not known is no wall', () => {
    const walls = wallsOf(limited({ filter_m3h: 16, cover_m3h: 12, suction_mm: 63, return_mm: 50 }));
    expect(walls.map(({ what }) => what)).toEqual(['cover', 'filter', 'return', 'suction']);
    expect(wallsOf(limited({}))).toEqual([]);
    expect(wallSpeed(limited({}), pumpOf(DUTY))).toBeNull();
  });
  test('pipes by the guides: 50 mm carries 12.7 m³/h on the suction and 17 m³/h on the return', () => {
    expect(wallsOf(limited({ suction_mm: 50 }))[0].flow_m3h).toBeCloseTo(12.72, 2);
    expect(wallsOf(limited({ return_mm: 50 }))[0].flow_m3h).toBeCloseTo(16.96, 2);
  });
  test('at the wall’s speed a clean filter lets through just what the wall allows', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 40, noNaN: true }),
        fc.double({ min: 0.5, max: 1, noNaN: true }),
        (cover_m3h, beforeWash) => {
          const duty = { ...limited({ cover_m3h }), beforeWash };
          const pump = pumpOf(duty);
          const wall = wallSpeed(duty, pump);
          expect(cleanFlow_m3h(duty, pump, wall?.speed_rpm ?? NaN)).toBeCloseTo(cover_m3h, 6);
        },
      ),
    );
  });
  test('a dirty filter moves the plan and not the wall', () => {
    const clean = { ...limited({ filter_m3h: 14 }), beforeWash: 1 };
    const dirty = { ...clean, beforeWash: 0.7 };
    expect(wallSpeed(dirty, pumpOf(dirty))?.speed_rpm).toBeCloseTo(
      wallSpeed(clean, pumpOf(clean))!.speed_rpm,
      6,
    );
    expect(pumpOf(dirty).flow_m3h(2000)).toBeCloseTo(0.7 * pumpOf(clean).flow_m3h(2000), 9);
  });
});

describe('the pump on its pipes', () => {
  const pump = pumpOf(DUTY);
  const roof = pumpOf(PANEL_DUTY);
  test('flow grows with speed, power faster; slow and long takes less for each m³', () => {
    fc.assert(
      fc.property(speeds, speeds, (a, b) => {
        fc.pre(Math.abs(a - b) > 1);
        const [slow, fast] = a < b ? [a, b] : [b, a];
        expect(pump.flow_m3h(slow)).toBeLessThan(pump.flow_m3h(fast));
        expect(pump.power_W(slow) / pump.flow_m3h(slow)).toBeLessThan(
          pump.power_W(fast) / pump.flow_m3h(fast),
        );
      }),
    );
  });
  test('speed and flow lead back to each other, with and without lift', () => {
    fc.assert(
      fc.property(fc.double({ min: 2, max: 12, noNaN: true }), (flow) => {
        expect(pump.flow_m3h(pump.speedFor_rpm(flow))).toBeCloseTo(flow, 6);
        expect(roof.flow_m3h(roof.speedFor_rpm(flow, 3), 3)).toBeCloseTo(flow, 4);
      }),
    );
  });
  test('lift takes water at every speed, and all of it below some speed', () => {
    fc.assert(
      fc.property(speeds, (speed) => {
        expect(roof.flow_m3h(speed, 3)).toBeLessThanOrEqual(roof.flow_m3h(speed) + 1e-9);
      }),
    );
    expect(roof.flow_m3h(900, 3)).toBe(0);
  });
  test('a lift without heads cannot be reckoned, and says what to enter', () => {
    const blind = pumpOf({ ...DUTY, points: DUTY.points.map((point) => ({ ...point, head_m: null })) });
    expect(() => blind.flow_m3h(2000, 3)).toThrow('enter the head at each point');
    expect(blind.flow_m3h(2000)).toBeGreaterThan(0);
  });
  test('one point alone takes power with the cube of speed', () => {
    const one = pumpOf({ ...DUTY, points: [DUTY.points[1]] });
    expect(one.law.exponent).toBe(3);
    expect(one.power_W(1000)).toBeCloseTo(545 / 8, 6);
  });
});

test('a circuit’s minimum speed gives its minimum flow, on the controller’s step', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 12, noNaN: true }),
      fc.constantFrom(5, 10, 25, 29),
      (leastFlow_m3h, step) => {
        const pump = pumpOf(DUTY);
        const speed = leastSpeed_rpm(pump, { ...DUTY.circuits[0], leastFlow_m3h }, step);
        expect(pump.flow_m3h(speed)).toBeGreaterThanOrEqual(leastFlow_m3h - 1e-6);
        expect(pump.flow_m3h(speed - step)).toBeLessThan(leastFlow_m3h + 1e-6);
        expect(speed / step).toBeCloseTo(Math.round(speed / step), 9);
      },
    ),
  );
});

test('bodies of water are added up, each with its own turnovers', () => {
  const [pool] = DUTY.bodies;
  const tub = {
    ...pool,
    name: 'Tub',
    kind: 'tub' as const,
    depth_m: 1,
    turnoversPerDay: 12,
    shapes: [{ shape: 'round' as const, length_m: 2, width_m: 0 }],
  };
  const both = { ...DUTY, bodies: [pool, tub] };
  expect(totalVolume_m3(both)).toBeCloseTo(8 * 4 * 1.3 + 3.14, 9);
  expect(neededPerDay_m3(both)).toBeCloseTo(8 * 4 * 1.3 * 4 + 3.14 * 12, 9);
});
