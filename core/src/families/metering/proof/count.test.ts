import { COUNT_LONGEST_s, countTime_s, judgeCount, tooShort } from './count';

const count = { expected_spm: 60, allowed_spm: 1 };

describe('a count', () => {
  test('lasts until a stroke more or less is a fifth of it at most, and nobody counts for longer than ten minutes', () => {
    expect([countTime_s(0), countTime_s(60), countTime_s(1), countTime_s(0.01)]).toEqual([
      0,
      5,
      300,
      COUNT_LONGEST_s,
    ]);
    expect(tooShort(60, 5)).toBeNull();
    expect(tooShort(60, 4)).toBe('4 s are too short to prove it: count for 5 s');
    expect(tooShort(1, 100)).toContain('count for 300 s');
  });
  test('allows for the stroke at its ends as well as for what the pump may be off by', () => {
    const ok = (strokes: number, seconds: number) => judgeCount(count, { strokes, seconds }).ok;
    // in ten seconds a stroke is 6 a minute, and one more is the pump’s own
    expect([8, 9, 10, 11, 12].map((strokes) => ok(strokes, 10))).toEqual([false, true, true, true, false]);
    // in a minute it is one
    expect([57, 58, 60, 62, 63].map((strokes) => ok(strokes, 60))).toEqual([false, true, true, true, false]);
  });
  test('over no time, or of no strokes that were counted, proves nothing; none counted at rest is right', () => {
    expect(judgeCount(count, { strokes: 10, seconds: 0 }).seen).toBe('not counted');
    expect(judgeCount(count, { seconds: 10 }).ok).toBe(false);
    expect(judgeCount({ ...count, expected_spm: 0, allowed_spm: 0 }, { strokes: 0, seconds: 60 }).ok).toBe(
      true,
    );
  });
});
