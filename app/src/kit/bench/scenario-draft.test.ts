import type { BenchEvent, Scenario } from '@barythm/core/bench';
import { clockOf, sameUntil, secondsOfClock } from './scenario-draft';

const event = (kind: BenchEvent['kind'], at_s: number): BenchEvent => ({
  kind,
  at_s,
  until_s: null,
  amount: null,
});
const day = (events: BenchEvent[], seed = 1): Scenario => ({
  days: 1,
  water: { every_s: 3600, flows_m3h: [5] },
  wobble: 0,
  seed,
  events,
});

test('two scenarios are the same up to the first event that differs', () => {
  const before = day([event('gas', 100), event('power-cut', 5000)]);
  expect(sameUntil(before, day([event('gas', 100), event('power-cut', 5000), event('pressure', 900)]))).toBe(
    900,
  );
  expect(sameUntil(before, day([event('power-cut', 5000)]))).toBe(100);
  expect(sameUntil(before, before)).toBe(Infinity);
});

test('another seed or another water is another day from its start', () => {
  expect(sameUntil(day([]), day([], 2))).toBeNull();
  expect(sameUntil(day([]), { ...day([]), water: { every_s: 60, flows_m3h: [5] } })).toBeNull();
});

test('clock readings go out and come in, with the day in a week', () => {
  expect(clockOf(6.5 * 3600, false)).toBe('6:30');
  expect(clockOf(86_400 + 3600, true)).toBe('day 2, 1:00');
  expect(secondsOfClock('6:30')).toBe(6.5 * 3600);
  expect(secondsOfClock('2.1:00')).toBe(86_400 + 3600);
  for (const wrong of ['noon', '7', '25:00', '6:75', '']) expect(secondsOfClock(wrong)).toBeNull();
});
