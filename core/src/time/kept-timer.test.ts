import { leftOf, stopwatch } from './kept-timer';

const BEGAN = Date.UTC(2026, 9, 25, 0, 58);
const timer = { began: BEGAN, lasts_s: 300 };

describe('a wait that is kept', () => {
  test('counts down to its end, and tells afterwards how late it is', () => {
    expect(leftOf(timer, BEGAN)).toEqual({ left_s: 300, late_s: 0 });
    expect(leftOf(timer, BEGAN + 299_000)).toEqual({ left_s: 1, late_s: 0 });
    expect(leftOf(timer, BEGAN + 300_000)).toEqual({ left_s: 0, late_s: 0 });
    expect(leftOf(timer, BEGAN + 420_000)).toEqual({ left_s: 0, late_s: 120 });
  });
  test('lasts as long over the night on which the clocks change, and no longer where a clock is put back', () => {
    // an instant knows no summer time: 02:58 and 02:03 of that night lie five minutes apart here
    expect(leftOf(timer, BEGAN + 5 * 60_000).late_s).toBe(0);
    expect(leftOf(timer, BEGAN - 3_600_000)).toEqual({ left_s: 300, late_s: 0 });
  });
  test('reads as on a stopwatch, and shows no nil before it is over', () => {
    expect([0, 0.2, 59, 60, 245, 3599.5, 3661].map(stopwatch)).toEqual([
      '0:00',
      '0:01',
      '0:59',
      '1:00',
      '4:05',
      '1:00:00',
      '1:01:01',
    ]);
  });
});
