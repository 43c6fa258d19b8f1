import { fitPower, flowAt_m3h, lawThrough, powerAt_W } from './index';

test('points that lie on a law give it back', () => {
  const on = (speed: number) => [speed, 2e-7 * speed ** 2.7] as const;
  const law = fitPower([on(900), on(1500), on(2100), on(3000)]);
  expect(law.exponent).toBeCloseTo(2.7, 9);
  expect(powerAt_W(law, 2000)).toBeCloseTo(2e-7 * 2000 ** 2.7, 6);
});

test('one point alone takes the cube', () => {
  const law = fitPower([[2000, 420]]);
  expect(law.exponent).toBe(3);
  expect(powerAt_W(law, 1000)).toBeCloseTo(52.5, 9);
});

test.each([
  [[], 'Enter at least one point.'],
  [
    [
      [2000, 400],
      [2000, 420],
    ],
    'All points are at one speed',
  ],
  [[[0, 10]], 'Each speed must be more than 0.'],
  [[[1500, -5]], 'Each power must be more than 0.'],
] as [[number, number][], string][])('%j cannot be fitted, and why is said', (points, words) => {
  expect(() => fitPower(points)).toThrow(words);
});

test('half the speed gives half the flow, and by the law of the point an eighth of the power', () => {
  const point = { speed_rpm: 2000, flow_m3h: 11.5, power_W: 420 };
  expect(flowAt_m3h(point, 1000)).toBeCloseTo(5.75, 12);
  expect(powerAt_W(lawThrough(point, 3), 1000)).toBeCloseTo(420 / 8, 9);
});
