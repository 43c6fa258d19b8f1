import fc from 'fast-check';
import { headAt_m } from './head-line';
import { flowOfPumps_m3h, inParallel } from './parallel';

test('at one head two pumps move twice the flow of one', () => {
  const one = { closed_m: 6.5, rise: 0, fall: 0.3 };
  expect(headAt_m(inParallel(one, 2), 4)).toBeCloseTo(headAt_m(one, 2), 12);
});

test('worked: 6.5 m falling by 0.3, pipes of 0.5: 2.85 m³/h alone, 3.36 m³/h both', () => {
  const one = { closed_m: 6.5, rise: 0, fall: 0.3 };
  expect(flowOfPumps_m3h(one, 0.5, 1)).toBeCloseTo(Math.sqrt(6.5 / 0.8), 9);
  expect(flowOfPumps_m3h(one, 0.5, 2)).toBeCloseTo(Math.sqrt(6.5 / 0.575), 9);
});

test('on pipes that lose anything two never double, and never move less than one', () => {
  const any = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  fc.assert(
    fc.property(any(0.5, 80), any(0.001, 20), any(0.001, 20), (closed_m, fall, loss) => {
      const curve = { closed_m, rise: 0, fall };
      const [one, two] = [flowOfPumps_m3h(curve, loss, 1), flowOfPumps_m3h(curve, loss, 2)];
      expect(two).toBeGreaterThan(one);
      expect(two).toBeLessThan(2 * one);
    }),
  );
});
