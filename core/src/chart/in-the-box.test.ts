import fc from 'fast-check';
import { DAY_MIN } from '../time';
import type { Trace } from '../bench';
import {
  lineChart,
  perPixel,
  runsChart,
  stripChart,
  strokeChart,
  timeChart,
  weekChart,
  type Box,
} from './index';

const BOX: Box = { width: 360, height: 200, left: 44, right: 8, top: 10, bottom: 34 };
const RIGHT = BOX.width - BOX.right;
const BOTTOM = BOX.height - BOX.bottom;

/** Every pair of figures of a path. */
const pointsOf = (path: string) =>
  [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
const inside = (path: string, dust = 0.06) => {
  const points = pointsOf(path);
  expect(points.length).toBeGreaterThan(0);
  const out = points.filter(
    ([x, y]) => !(x >= BOX.left - dust && x <= RIGHT + dust && y >= BOX.top - dust && y <= BOTTOM + dust),
  );
  expect(out).toEqual([]);
};
const value = fc.double({ min: 0, max: 1e6, noNaN: true });

describe('a trace by pixels', () => {
  const traces = fc.array(fc.tuple(value, value), { minLength: 1, maxLength: 900 }).map((pairs): Trace => {
    const min = Float64Array.from(pairs, ([a, b]) => Math.min(a, b));
    const max = Float64Array.from(pairs, ([a, b]) => Math.max(a, b));
    const mean = Float64Array.from(min, (least, i) => (least + max[i]) / 2);
    return { key: 'k', label: 'Flow', unit: 'L/h', every_s: 60, min, max, mean } as unknown as Trace;
  });
  test('loses neither the minimum nor the maximum, however few pixels there are', () => {
    fc.assert(
      fc.property(traces, fc.integer({ min: 1, max: 500 }), (trace, pixels) => {
        const columns = perPixel(trace, pixels);
        expect(columns.length).toBe(Math.min(pixels, trace.min.length));
        expect(Math.min(...columns.map(([least]) => least))).toBe(Math.min(...trace.min));
        expect(Math.max(...columns.map(([, most]) => most))).toBe(Math.max(...trace.max));
        expect(columns.every(([least, most]) => least <= most)).toBe(true);
      }),
    );
  });
  test('stays in its box, its mean within its area, also where it passes the upper end', () => {
    fc.assert(
      fc.property(traces, fc.double({ min: 0, max: 2e6, noNaN: true }), (trace, most) => {
        const chart = stripChart(BOX, trace, 86_400, most);
        inside(chart.area);
        inside(chart.mean);
        expect(chart.text).not.toMatch(/NaN|Infinity|undefined/);
      }),
      { numRuns: 60 },
    );
  });
  test('its hours are those of a day, or of each midnight of a week', () => {
    const trace = fc.sample(traces, { numRuns: 1, seed: 1 })[0];
    const ticks = (days: number) =>
      stripChart(BOX, trace, days * 86_400, 10).frame.x.ticks.map(({ label }) => label);
    expect(ticks(1)).toEqual(['0', '6', '12', '18', '24']);
    expect(ticks(7)).toEqual(['0', '24', '48', '72', '96', '120', '144', '168']);
  });
});

describe('a week', () => {
  const size = { width: 300, height: 24 };
  const week = (day: number, from: number, to: number) => ({
    from: day * DAY_MIN + from,
    to: day * DAY_MIN + to,
  });
  const flat = Array.from({ length: 7 }, () => [{ from: 0, to: DAY_MIN, price: 0.3 }]);
  const run = { share: 0.5, cause: 'program' as const, suppressed: 0 };

  test('a run over midnight is cut there, and neither half is lost', () => {
    const rows = weekChart(size, [{ ...run, ...week(1, 1380, 1500) }], flat);
    expect(rows.map(({ blocks }) => blocks.length)).toEqual([0, 1, 1, 0, 0, 0, 0]);
    const [late, early] = [rows[1].blocks[0], rows[2].blocks[0]];
    expect(late.x + late.width).toBeCloseTo(size.width, 9);
    expect(early.x).toBe(0);
    expect(late.width + early.width).toBeCloseTo((120 / DAY_MIN) * size.width, 9);
  });
  test('a slow run is still seen, and none stands higher than its row', () => {
    const heights = [0.0001, 0.4, 1, 1.7].map(
      (share) => weekChart(size, [{ ...run, share, ...week(0, 60, 120) }], flat)[0].blocks[0],
    );
    expect(heights.map(({ height }) => height)).toEqual(
      [3, 9.6, 24, 24].map((one) => expect.closeTo(one, 6)),
    );
    for (const { y, height } of heights) expect(y + height).toBeCloseTo(size.height, 9);
  });
  test('rest is not painted, and what it suppresses is', () => {
    const rest = { ...run, cause: 'rest' as const, suppressed: 1, ...week(3, 600, 660) };
    const [row] = weekChart(size, [rest], flat).slice(3);
    expect(row.blocks).toEqual([]);
    expect(row.suppressed).toEqual([{ x: 125, width: expect.closeTo(12.5, 9) }]);
  });
  test('one price all week has no dear hours; of several the dearest of the week alone are', () => {
    expect(weekChart(size, [], flat).flatMap(({ dear }) => dear)).toEqual([]);
    const prices = flat.map((windows, day) =>
      day < 5
        ? [
            { from: 0, to: 1020, price: 0.2 },
            { from: 1020, to: 1260, price: 0.4 },
            { from: 1260, to: DAY_MIN, price: 0.2 },
          ]
        : windows,
    );
    const dear = weekChart(size, [], prices).map(({ dear: one }) => one.length);
    expect(dear).toEqual([1, 1, 1, 1, 1, 0, 0]);
  });
});

describe('runs of a drawdown', () => {
  test('those within the band around the mean are inside, and all stand in the box', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 500, noNaN: true }), { minLength: 1, maxLength: 6 }),
        (volumes) => {
          const { runs, band, frame } = runsChart(BOX, volumes);
          for (const { x, y, inside: within } of runs) {
            expect(x > BOX.left && x < RIGHT && y >= BOX.top - 1e-6 && y <= BOTTOM + 1e-6).toBe(true);
            expect(within).toBe(y >= band.top - 1e-6 && y <= band.bottom + 1e-6);
          }
          expect(band.top).toBeLessThan(band.bottom);
          expect(frame.x.ticks.length).toBe(Math.max(3, volumes.length));
        },
      ),
    );
  });
  test('three alike runs lie on their mean', () => {
    const { runs, band, text } = runsChart(BOX, [30, 30, 30]);
    expect(runs.map(({ y }) => y)).toEqual(Array(3).fill(expect.closeTo(band.mean, 9)));
    expect(text).toBe('Drawdown, 3 runs: 30, 30, 30 mL, mean 30.00 mL.');
  });
});

describe('something over time', () => {
  const picture = { title: 'Pressure, bar', reaches: 4, levels: [], marks: [] };
  test('stays in its box with what it was before, however it jumps', () => {
    const rows = fc.array(fc.double({ min: -3, max: 40, noNaN: true }), { minLength: 2, maxLength: 200 });
    fc.assert(
      fc.property(rows, rows, (values, before) => {
        const chart = timeChart(BOX, { ...picture, values, before });
        inside(chart.path);
        inside(chart.before!);
      }),
    );
  });
  test('the axis reaches what is asked for, and a level keeps its name at its height', () => {
    const chart = timeChart(BOX, {
      ...picture,
      values: [1, 1.2],
      levels: [{ at: 4, name: 'rating' }],
      marks: [{ at_s: 1, words: 'shut' }],
      time: { title: 'Time, min', each: 0.5 },
    });
    expect(chart.levels[0].y).toBeGreaterThan(BOX.top);
    expect(chart.frame.y.scale.invert(chart.levels[0].y)).toBeCloseTo(4, 9);
    expect(chart.marks[0].x).toBeCloseTo(RIGHT, 9);
    expect([chart.before, chart.frame.x.title]).toEqual([null, 'Time, min']);
  });
  test('a single reading has an axis all the same', () => {
    expect(timeChart(BOX, { ...picture, values: [2] }).frame.x.scale.domain()).toEqual([0, 1]);
  });
});

test('pressure over a stroke: gas makes it open late, and that is said', () => {
  const trace = Array.from({ length: 11 }, (_, i) => ({ at: i / 10, bar: i < 6 ? 1 + i : 9 }));
  const chart = strokeChart(BOX, trace);
  inside(chart.path);
  expect(chart.text).toBe('Pressure over a stroke rises to 9.0 bar absolute at 60 % of its way.');
  const liquid = strokeChart(BOX, [
    { at: 0, bar: 9 },
    { at: 1, bar: 9 },
  ]);
  expect(liquid.text).toContain('at 0 % of its way');
});

test('a chart that was frozen with a hand-over is drawn by its own figures', () => {
  const chart = lineChart(BOX, {
    kind: 'chart',
    key: 'signal',
    title: 'Signal',
    x: { title: 'mA', from: 0, to: 20, at: [0, 4, 20] },
    y: { title: 'strokes/min', from: 0, to: 100 },
    lines: [
      {
        column: 'left',
        points: [
          [4, 0],
          [20, 100],
        ],
        marks: [[4, 0]],
      },
    ],
    dots: [{ x: 12, y: 50, ok: true }],
    says: '',
  });
  inside(chart.lines[0].path);
  expect(chart.lines[0].marks).toEqual([{ x: chart.frame.x.scale(4), y: BOTTOM }]);
  expect(chart.dots).toEqual([{ x: chart.frame.x.scale(12), y: chart.frame.y.scale(50), ok: true }]);
  expect(chart.frame.x.ticks.map(({ label }) => label)).toEqual(['0', '4', '20']);
});
