import { rangesBehind } from './range-ratio';

test('a reading that is off by a ratio of two ranges names the pair that fits best', () => {
  expect(rangesBehind(1.6, [4, 6, 10, 16])).toEqual({ label: 16, set: 10 });
  expect(rangesBehind(0.62, [4, 6, 10, 16])).toEqual({ label: 10, set: 16 });
  expect(rangesBehind(1.5, [0.4, 0.6, 1])).toEqual({ label: 0.6, set: 0.4 });
});

test('one that is right, or off by something else, names none', () => {
  expect(rangesBehind(1, [4, 6, 10])).toBeNull();
  expect(rangesBehind(1.2, [4, 6, 10])).toBeNull();
});
