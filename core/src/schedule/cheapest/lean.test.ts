import { leanOf } from './lean';
import { evenMarks, type CheapestProblem } from './problem';

const mode = (speed_rpm: number, circuit = 'Filter') => ({
  speed_rpm,
  flow_m3h: speed_rpm / 200,
  power_W: (speed_rpm / 100) ** 3 / 10,
  circuit,
});
const problem = (
  volume_m3: number,
  speeds: readonly number[],
  serves: readonly boolean[],
): CheapestProblem => ({
  marks: evenMarks(24),
  modes: speeds.map((speed) => mode(speed)),
  classes: [
    {
      days: '1234567',
      price: Array.from({ length: 24 }, () => 0.3),
      volumes: [{ volume_m3, counts: speeds.map(() => true) }],
      cap_rpm: Array.from({ length: 24 }, () => null),
      needs: [{ name: 'Cleaner', from: 8, to: 12, minutes: 120, serves }],
    },
  ],
  everyDayOnly: false,
  maxPrograms: 4,
  leastRun_min: 0,
  longestPause_min: null,
  leastFlow_m3h: null,
  wholeDay: true,
  oneSpeedPerCircuit: false,
});

test('the slowest, the slowest that moves the water in a day, and the slowest that serves each need are left', () => {
  const speeds = [1000, 1200, 1400, 1600, 1800, 2000];
  const lean = leanOf(problem(24 * 6.5, speeds, [false, false, false, false, true, true]))!;
  expect(lean.modes).toEqual([0, 2, 4]);
  expect(lean.problem.modes.map(({ speed_rpm }) => speed_rpm)).toEqual([1000, 1400, 1800]);
  expect(lean.problem.classes[0].needs[0].serves).toEqual([false, false, true]);
});

test('nothing is made lean that is lean already', () => {
  expect(leanOf(problem(24 * 6, [1000, 1200], [false, true]))).toBeNull();
});

test('water that no speed moves in a day, and a need that none serves, keep nothing more', () => {
  expect(leanOf(problem(999, [1000, 1200], [false, false]))!.modes).toEqual([0]);
});
