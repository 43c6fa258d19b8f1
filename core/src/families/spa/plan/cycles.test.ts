import { DAY_MIN } from '../../../time';
import { spreadCycles, type CycleShape } from './cycles';

const NONE = new Uint8Array(DAY_MIN);
/** One cycle a day at a start of its own, on a panel that takes any minute. */
const shape = (count: number): CycleShape => ({
  kind: 'starts',
  counts: [count],
  lengthStep_min: 15,
  mostLength_min: 720,
  startStep_min: 1,
});
/** A day that is quiet but for a window as long as the cycles of it. */
function open(...windows: readonly (readonly [number, number])[]): Uint8Array {
  const quiet = new Uint8Array(DAY_MIN).fill(1);
  for (const [from, to] of windows) quiet.fill(0, from, to);
  return quiet;
}
const spread = (needed_min: number, count: number, quiet: Uint8Array) =>
  spreadCycles(needed_min, shape(count), { quiet, dear: NONE }, [])!;

test('one or two cycles begin on a quarter of an hour, and no finer', () => {
  // from a quarter past ten for four hours
  expect(spread(240, 1, open([615, 855]))).toMatchObject({ starts: [615], quiet_min: 0 });
  // seven minutes later it is not met by the minute
  expect(spread(240, 1, open([622, 862])).quiet_min).toBe(7);
});

test('three begin on a half hour', () => {
  const three = (from: number) =>
    open([from, from + 120], [from + 480, from + 600], [from + 960, from + 1080]);
  expect(spread(360, 3, three(30))).toMatchObject({ starts: [30, 510, 990], quiet_min: 0 });
  expect(spread(360, 3, three(45)).quiet_min).toBe(45);
});
