import { solarRunning } from './index';

const DIFFERENCE = { start_K: 4, stop_K: 1.5 };

test('it starts at the start difference itself, and stops only below the stop difference', () => {
  expect(solarRunning(DIFFERENCE, [[29, 25]])).toEqual([true]);
  expect(solarRunning(DIFFERENCE, [[28.9, 25]])).toEqual([false]);
  const cooling = [
    [29, 25],
    [26.5, 25],
    [26.4, 25],
    [28, 25],
  ] as const;
  expect(solarRunning(DIFFERENCE, cooling)).toEqual([true, true, false, false]);
});

test('a stop that is not below start is refused', () => {
  expect(() => solarRunning({ start_K: 4, stop_K: 4 }, [[20, 20]])).toThrow('Stop must be below start');
});
