import fc from 'fast-check';
import {
  flowAtVelocity_m3h,
  RETURN_VELOCITY_MS,
  SUCTION_VELOCITY_MS,
  surface_m2,
  velocity_ms,
  volume_m3,
} from './index';

const side = fc.double({ min: 0.1, max: 100, noNaN: true });

describe('surface and volume by the trade’s shapes', () => {
  test.each([
    ['rectangle', 8, 4, 32],
    ['oval', 10, 5, 39.25],
    ['round', 4, 0, 12.56],
    ['kidney', 9, 8, 32.4],
  ] as const)('%s %d × %d is %d m²', (shape, length_m, width_m, m2) => {
    expect(surface_m2({ shape, length_m, width_m })).toBeCloseTo(m2, 9);
  });
  test('shapes are added up, times the mean depth', () => {
    const shapes = [
      { shape: 'rectangle', length_m: 8, width_m: 4 },
      { shape: 'round', length_m: 2, width_m: 0 },
    ] as const;
    expect(volume_m3(shapes, 1.25)).toBeCloseTo((32 + 3.14) * 1.25, 9);
    expect(volume_m3([...shapes].reverse(), 1.25)).toBeCloseTo(volume_m3(shapes, 1.25), 9);
  });
  test('no shape passes the rectangle around it, and twice the depth is twice the water', () => {
    fc.assert(
      fc.property(side, side, side, (length_m, width_m, depth) => {
        const box = surface_m2({ shape: 'rectangle', length_m, width_m });
        expect(surface_m2({ shape: 'oval', length_m, width_m })).toBeLessThan(box);
        const shapes = [{ shape: 'oval', length_m, width_m } as const];
        expect(volume_m3(shapes, 2 * depth)).toBeCloseTo(2 * volume_m3(shapes, depth), 6);
      }),
    );
  });
  test.each([
    [{ shape: 'rectangle', length_m: 0, width_m: 4 }, 'The length'],
    [{ shape: 'oval', length_m: 5, width_m: -1 }, 'The width'],
    [{ shape: 'kidney', length_m: 5, width_m: NaN }, 'The width'],
  ] as const)('%j is refused in words', (shape, words) => {
    expect(() => surface_m2(shape)).toThrow(words);
  });
  test('a depth of nothing is refused', () => {
    expect(() => volume_m3([{ shape: 'round', length_m: 4, width_m: 0 }], 0)).toThrow('The mean depth');
  });
});

describe('velocity in pipes', () => {
  test('12.5 m³/h in 50 mm is 1.77 m/s: just within the guide for a suction', () => {
    expect(velocity_ms(12.5, 50)).toBeCloseTo(1.768, 3);
    expect(velocity_ms(12.5, 50)).toBeLessThan(SUCTION_VELOCITY_MS);
    expect(RETURN_VELOCITY_MS).toBeGreaterThan(SUCTION_VELOCITY_MS);
  });
  test('flow and velocity lead back to each other; half the bore is four times the velocity', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 200, noNaN: true }),
        fc.double({ min: 10, max: 400, noNaN: true }),
        (flow, bore) => {
          expect(flowAtVelocity_m3h(velocity_ms(flow, bore), bore)).toBeCloseTo(flow, 6);
          expect(velocity_ms(flow, bore / 2) / velocity_ms(flow, bore)).toBeCloseTo(4, 9);
        },
      ),
    );
  });
});
