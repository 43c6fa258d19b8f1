import fc from 'fast-check';
import { closedFrequency_hz, flowAgainst_m3h, stopFlow_m3h } from './closed-valve';
import { headAt_m } from './head-line';
import { netSuctionHead_m } from './net-suction-head';
import { headOf_m, pressureOf_bar } from './pressure-head';
import { sharedDraw } from './sharing';

const CURVE = { closed_m: 58, rise: 0, fall: 1.25 };
const SET = { curve: CURVE, power: { atNoFlow_W: 900, perFlow: 150 }, count: 3, most: 1 };

test('pressure and head are there and back', () => {
  expect(headOf_m(1)).toBeCloseTo(10.194, 3);
  fc.assert(
    fc.property(
      fc.double({ min: -1, max: 100, noNaN: true }),
      (bar) => Math.abs(pressureOf_bar(headOf_m(bar)) - bar) < 1e-9,
    ),
  );
});

test('head at an inlet: cold water at the sea, warm water on a mountain', () => {
  expect(netSuctionHead_m(0, 20, 0)).toBeCloseTo(10.09, 1);
  expect(netSuctionHead_m(0, 60, 2000)).toBeCloseTo(6.07, 1);
});

test('the flow against a head lies on the curve, by the greater root where it rises first', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 8, noNaN: true }),
      fc.double({ min: 0.5, max: 1.1, noNaN: true }),
      (rise, share) => {
        const curve = { ...CURVE, rise };
        const head = 20 * share * share;
        const flow = flowAgainst_m3h(curve, head, share)!;
        return Math.abs(headAt_m(curve, flow, share) - head) < 1e-6;
      },
    ),
  );
  expect(flowAgainst_m3h(CURVE, 60, 1)).toBeNull();
});

test('just above the frequency of a shut valve it stops at next to nothing; at it, never', () => {
  const pump = { ...CURVE, rated_hz: 50 };
  const closed = closedFrequency_hz(pump, 34);
  expect(stopFlow_m3h(pump, 34, closed)).toBeNull();
  expect(stopFlow_m3h(pump, 34, closed * 1.0001)!).toBeLessThan(0.1);
});

describe('who runs at a draw', () => {
  test('as few as carry it; the flows are the draw, whichever way they share', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 12, noNaN: true }), (draw) =>
        (['one-varies', 'all-vary'] as const).every((way) => {
          const shared = sharedDraw(SET, way, 34, draw)!;
          const flow = shared.flows_m3h.reduce((sum, one) => sum + one, 0);
          return Math.abs(flow - draw) < 1e-9 && shared.shares.every((share) => share <= 1 + 1e-9);
        }),
      ),
    );
  });
  test('one alone is the same either way; more than all carry is nobody’s', () => {
    expect(sharedDraw(SET, 'one-varies', 34, 3)).toEqual(sharedDraw(SET, 'all-vary', 34, 3));
    expect(sharedDraw(SET, 'all-vary', 34, 14)).toBeNull();
    expect(sharedDraw(SET, 'all-vary', 60, 1)).toBeNull();
    expect(sharedDraw(SET, 'all-vary', 34, 0)).toMatchObject({ running: 0, power_W: 0 });
  });
});
