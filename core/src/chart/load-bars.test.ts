import { loadBars } from './index';

const BOX = { width: 340, height: 160, left: 20, right: 20, top: 20, bottom: 40 };
const parts = (...amps: number[]) => amps.map((current_A, i) => ({ name: `part ${i + 1}`, current_A }));

test('segments stand end to end, as long together as the phase takes', () => {
  const { bars, breaker } = loadBars(BOX, [{ phase: 1, parts: parts(8, 4, 2) }], 16);
  const [{ segments, end, over }] = bars;
  expect(segments[0].x).toBe(BOX.left);
  segments
    .slice(1)
    .forEach((segment, i) => expect(segment.x).toBeCloseTo(segments[i].x + segments[i].width, 9));
  expect(segments.at(-1)!.x + segments.at(-1)!.width).toBeCloseTo(end, 9);
  expect([over, end < breaker]).toEqual([false, true]);
});

test('what passes the breaker ends behind it, and stays in the picture', () => {
  const { bars, breaker } = loadBars(
    BOX,
    [
      { phase: 1, parts: parts(20) },
      { phase: 2, parts: parts(3) },
    ],
    16,
  );
  expect(bars.map(({ over }) => over)).toEqual([true, false]);
  expect(bars[0].end).toBeGreaterThan(breaker);
  expect(bars[0].end).toBeLessThan(BOX.width);
  expect(bars[1].y).toBeGreaterThan(bars[0].y + bars[0].height);
});
