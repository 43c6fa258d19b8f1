import { DAY_MIN, WEEK_MIN } from '../time';
import { perPixel, stripChart, weekChart, type WeekStretch } from './index';

const SIZE = { width: 144, height: 40 };
const stretch = (from: number, to: number, change: Partial<WeekStretch> = {}): WeekStretch => ({
  from,
  to,
  share: 0.5,
  cause: 'program',
  suppressed: 0,
  ...change,
});
const FLAT = Array.from({ length: 7 }, () => [{ from: 0, to: DAY_MIN, price: 0.2 }]);

describe('a week as seven rows', () => {
  test('a stretch over midnight stands on both days, cut at midnight', () => {
    const rows = weekChart(SIZE, [stretch(DAY_MIN - 60, DAY_MIN + 120)], FLAT);
    expect(rows[0].blocks).toMatchObject([{ x: 138, width: 6 }]);
    expect(rows[1].blocks).toMatchObject([{ x: 0, width: 12 }]);
    expect(rows.slice(2).every(({ blocks }) => blocks.length === 0)).toBe(true);
  });
  test('height is the share of full speed, never more than the row and never too low to see', () => {
    const heights = (share: number) =>
      weekChart(SIZE, [stretch(0, 60, { share })], FLAT)[0].blocks.map(({ height, y }) => [height, y]);
    expect(heights(0.5)).toEqual([[20, 20]]);
    expect(heights(1.7)).toEqual([[40, 0]]);
    expect(heights(0.001)).toEqual([[3, 37]]);
  });
  test('rests leave no block, what is suppressed is marked, and each block keeps its cause', () => {
    const [monday] = weekChart(
      SIZE,
      [
        stretch(0, 10, { cause: 'prime' }),
        stretch(10, 100, { suppressed: 2 }),
        stretch(100, 200, { cause: 'rest' }),
        stretch(200, WEEK_MIN, { cause: 'frost' }),
      ],
      FLAT,
    );
    expect(monday.blocks.map(({ cause }) => cause)).toEqual(['prime', 'program', 'frost']);
    expect(monday.suppressed).toMatchObject([{ x: 1, width: 9 }]);
  });
  test('only the dearest hours are tinted, and none where there is one price', () => {
    const prices = FLAT.map((windows, day) =>
      day === 2
        ? [
            { from: 0, to: 1020, price: 0.2 },
            { from: 1020, to: DAY_MIN, price: 0.46 },
          ]
        : windows,
    );
    const rows = weekChart(SIZE, [], prices);
    expect(rows[2].dear).toMatchObject([{ x: 102, width: 42, price: 0.46 }]);
    expect(rows[0].dear).toEqual([]);
    expect(weekChart(SIZE, [], FLAT)[2].dear).toEqual([]);
  });
});

describe('a strip of the bench', () => {
  const trace = (max: number[], min = max) => ({
    key: 'speed',
    label: 'Speed',
    unit: 'rev/min',
    min,
    max,
    mean: max.map((most, i) => (most + min[i]) / 2),
  });
  const BOX = { width: 300, height: 150, left: 48, right: 14, top: 26, bottom: 44 };

  test('axis figures carry no mark between thousands', () => {
    const { frame } = stripChart(BOX, trace([0, 3000, 1200]), 86_400, 3000);
    const labels = frame.y.ticks.map(({ label }) => label);
    expect(labels).toContain('3000');
    expect(labels.join(' ')).not.toMatch(/\d,\d{3}/);
    expect(frame.y.title).toBe('Speed, rev/min');
    expect(frame.x.ticks.map(({ label }) => label)).toEqual(['0', '6', '12', '18', '24']);
  });
  test('a week is told in hours from its first midnight', () => {
    const { frame } = stripChart(BOX, trace([1, 2]), 7 * 86_400, 2);
    expect(frame.x.title).toBe('Time, h from the first midnight');
    expect(frame.x.ticks.at(-1)?.label).toBe('168');
  });
  test('every pixel keeps the minimum and the maximum of what it stands for', () => {
    const values = Array.from({ length: 1000 }, (_, i) => (i === 437 ? 500 : i % 7));
    const columns = perPixel(trace(values), 100);
    expect(columns).toHaveLength(100);
    expect(columns[43]).toEqual([0, 500]);
    expect(columns.filter(([, max]) => max > 6)).toHaveLength(1);
    expect(perPixel(trace([1, 2, 3]), 100)).toHaveLength(3);
  });
  test('in words for those who cannot see it', () => {
    expect(stripChart(BOX, trace([0, 2900]), 86_400, 2900).text).toBe('Speed: 0 to 2900 rev/min.');
  });
});
