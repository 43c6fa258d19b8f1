import fc from 'fast-check';
import { onAbove, onBelow } from './index';

const within = fc.double({ min: -50, max: 150, noNaN: true });

test('on from its start upwards, and off again only below its stop', () => {
  const walk = [20, 24, 25, 24.9, 22, 21.9, 24.9].map(
    (
      (on) => (value: number) =>
        (on = onAbove(on, value, 25, 22))
    )(false),
  );
  expect(walk).toEqual([false, false, true, true, true, false, false]);
});

test('on below its start, and off again only at its stop', () => {
  const walk = [5, 2, 1.9, 2.5, 3, 2.5].map(
    (
      (on) => (value: number) =>
        (on = onBelow(on, value, 2, 3))
    )(false),
  );
  expect(walk).toEqual([false, false, true, true, false, false]);
});

test('between its two values it stays as it is; it never changes twice while the value stands still', () => {
  fc.assert(
    fc.property(
      within,
      within,
      fc.double({ min: 0, max: 20, noNaN: true }),
      fc.boolean(),
      (value, low, gap, on) => {
        const next = onAbove(on, value, low + gap, low);
        if (value >= low && value < low + gap) expect(next).toBe(on);
        expect(onAbove(next, value, low + gap, low)).toBe(next);
        const cold = onBelow(on, value, low, low + gap);
        if (value >= low && value < low + gap) expect(cold).toBe(on);
        expect(onBelow(cold, value, low, low + gap)).toBe(cold);
      },
    ),
  );
});

test('a threshold that nobody knows is never reached', () => {
  expect([onAbove(false, 1e9, NaN, NaN), onBelow(true, -1e9, NaN, NaN)]).toEqual([false, false]);
});
