import fc from 'fast-check';
import {
  currentFor,
  currentForShare,
  isFalling,
  meaningOfCurrent,
  rangeMismatch,
  shareOfRange,
  shareUnderMismatch,
  valueAt,
  type TwoPointMap,
} from './index';

const current = fc.double({ min: 0, max: 24, noNaN: true });
const rate = fc.double({ min: 0, max: 200, noNaN: true });
const map = fc
  .record({ x1_mA: current, y1: rate, x2_mA: current, y2: rate, below: fc.constantFrom('hold', 'stop') })
  .filter((m) => Math.abs(m.x1_mA - m.x2_mA) > 0.5) as fc.Arbitrary<TwoPointMap>;

describe('the line through two points', () => {
  test('never leaves the range between its two rates, but for a stop', () => {
    fc.assert(
      fc.property(map, current, (m, x) => {
        const y = valueAt(m, x);
        const inside = y >= Math.min(m.y1, m.y2) - 1e-9 && y <= Math.max(m.y1, m.y2) + 1e-9;
        expect(inside || y === 0).toBe(true);
      }),
    );
  });

  test('goes one way only between its points', () => {
    fc.assert(
      fc.property(map, current, current, (m, a, b) => {
        const low = Math.min(m.x1_mA, m.x2_mA);
        const high = Math.max(m.x1_mA, m.x2_mA);
        const [x, z] = [a, b].map((v) => Math.min(high, Math.max(low, v))).sort((p, q) => p - q);
        const rise = valueAt(m, z) - valueAt(m, x);
        expect(isFalling(m) ? rise <= 1e-9 : rise >= -1e-9).toBe(true);
      }),
    );
  });

  test('is undone by its inverse between the points', () => {
    fc.assert(
      fc.property(map, fc.double({ min: 0, max: 1, noNaN: true }), (m, share) => {
        fc.pre(Math.abs(m.y1 - m.y2) > 1);
        const x = m.x1_mA + share * (m.x2_mA - m.x1_mA);
        expect(currentFor(m, valueAt(m, x))).toBeCloseTo(x, 6);
      }),
    );
  });

  test('does not care which point is named first', () => {
    fc.assert(
      fc.property(map, current, (m, x) => {
        const turned = { ...m, x1_mA: m.x2_mA, y1: m.y2, x2_mA: m.x1_mA, y2: m.y1 };
        expect(valueAt(turned, x)).toBeCloseTo(valueAt(m, x), 9);
      }),
    );
  });

  test('refuses two points at one current in words, at the second', () => {
    const flat: TwoPointMap = { x1_mA: 8, y1: 0, x2_mA: 8, y2: 10, below: 'stop' };
    expect(() => valueAt(flat, 8)).toThrow(expect.objectContaining({ field: 'x2' }));
  });
});

describe('a range mismatch', () => {
  test('agrees at full signal, both ways', () => {
    expect(shareUnderMismatch(4, 0, 1)).toBe(1);
    expect(shareUnderMismatch(0, 4, 1)).toBe(1);
  });

  test('runs at 20 % with no flow one way, and stands up to 20 % the other', () => {
    expect(rangeMismatch(4, 0)).toMatchObject({ atZeroFlow: 0.2, stoppedUpTo: 0 });
    expect(rangeMismatch(0, 4)).toMatchObject({ atZeroFlow: 0, stoppedUpTo: 0.2 });
    expect(rangeMismatch(4, 4)).toBeNull();
  });

  test('is undone by the opposite one wherever the pump runs', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (sent) => {
        expect(shareUnderMismatch(0, 4, shareUnderMismatch(4, 0, sent))).toBeCloseTo(sent, 9);
      }),
    );
  });

  test('share and current are each other’s inverse', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom(0 as const, 4 as const),
        (s, low) => {
          expect(shareOfRange(low, currentForShare(low, s))).toBeCloseTo(s, 9);
        },
      ),
    );
  });
});

test('currents outside 3.6 to 21 mA are faults, between 3.8 and 20.5 mA a measurement', () => {
  expect([3.6, 3.7, 3.8, 20.5, 20.6, 21].map(meaningOfCurrent)).toEqual([
    'fault-low',
    'under',
    'measurement',
    'measurement',
    'over',
    'fault-high',
  ]);
});
