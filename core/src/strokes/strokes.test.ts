import type { TwoPointMap } from '../signal';
import { expectedValues, responseAt, wholeStrokes } from './index';

describe('what a stroke pump makes of it', () => {
  const line: TwoPointMap = { x1_mA: 4, y1: 0, x2_mA: 20, y2: 100, below: 'stop' };
  const limits = { least_spm: 3, greatest_spm: 90 };

  test('whole strokes, none below its minimum rate, no more than its maximum', () => {
    expect(wholeStrokes(2.4, limits)).toBe(0);
    expect(wholeStrokes(2.6, limits)).toBe(3);
    expect(wholeStrokes(200, limits)).toBe(90);
  });

  test('a watched broken wire stops it, an unwatched one is a low signal', () => {
    const watch = { low_mA: 3.6, high_mA: 21, reaction: 'stop' as const };
    expect(responseAt(line, watch, limits, 21)).toMatchObject({ rate_spm: 0, cause: 'broken-wire' });
    expect(responseAt(line, null, limits, 21)).toMatchObject({ rate_spm: 90, cause: 'above-second-point' });
    expect(responseAt(line, null, limits, 0)).toMatchObject({ rate_spm: 0, cause: 'below-first-point' });
  });

  test('falling action that holds doses at full rate on a broken wire', () => {
    const falling: TwoPointMap = { x1_mA: 4, y1: 80, x2_mA: 20, y2: 0, below: 'hold' };
    expect(responseAt(falling, null, limits, 0).rate_spm).toBe(80);
    const keep = { low_mA: 3.6, high_mA: null, reaction: 'hold' as const };
    expect(responseAt({ ...falling, below: 'stop' }, keep, limits, 0).rate_spm).toBe(80);
  });

  test('the expected-value table follows the list it is given', () => {
    const table = expectedValues(line, null, limits, [20, 12, 4]);
    expect(table.map((row) => [row.x_mA, row.rate_spm])).toEqual([
      [20, 90],
      [12, 50],
      [4, 0],
    ]);
  });
});
