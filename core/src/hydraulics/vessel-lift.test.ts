import { leastShare, liftOut_m, motorCeiling_rpm } from './index';

test('45 kPa of vacuum are 4.6 m of water, on top of what is lifted', () => {
  expect(liftOut_m(2, 45, 1000)).toBeCloseTo(2 + 4.587, 3);
  expect(liftOut_m(2, 0, 1000)).toBe(2);
});

test('what moves nothing goes by the square of the speed', () => {
  expect(leastShare(4, 16)).toBe(0.5);
  expect(leastShare(-1, 16)).toBe(0);
  expect(() => leastShare(4, 0)).toThrow('head at no flow');
});

test('a motor under its plate may turn by the third root, one beyond it by its torque', () => {
  expect(motorCeiling_rpm(2860, 1100, 820)).toBeCloseTo(3154.22, 1);
  expect(motorCeiling_rpm(2860, 1100, 1300)).toBeCloseTo(2630.82, 1);
  expect(motorCeiling_rpm(2860, 1100, 1100)).toBe(2860);
});
