import { driftChart, runsChart, strokeChart } from './index';

const BOX = { width: 320, height: 200, left: 48, right: 14, top: 26, bottom: 44 };

describe('drawdowns over time', () => {
  const point = (date: string, full_mL: number, accepted = true) => ({
    date,
    full_mL,
    uncertainty: 0.01,
    accepted,
  });
  test('rejected ones are shown and off the line', () => {
    const chart = driftChart(BOX, [
      point('2026-01-10', 0.21),
      point('2026-03-01', 0.3, false),
      point('2026-06-10', 0.205),
    ]);
    expect(chart.points.map(({ accepted }) => accepted)).toEqual([true, false, true]);
    expect(chart.path.match(/[ML]/g)).toHaveLength(2);
    expect(chart.text).toContain('1 Mar 2026: 0.3000 mL, rejected');
    // later stands further right, less stands lower, and the uncertainty spans the point
    const [first, , last] = chart.points;
    expect(last.x).toBeGreaterThan(first.x);
    expect(last.y).toBeGreaterThan(first.y);
    for (const { top, y, bottom } of chart.points) {
      expect(top).toBeLessThan(y);
      expect(bottom).toBeGreaterThan(y);
    }
  });
  test('one alone stands inside its box', () => {
    const [only] = driftChart(BOX, [point('2026-01-10', 0.21)]).points;
    expect(only.x).toBeGreaterThanOrEqual(BOX.left);
    expect(only.x).toBeLessThanOrEqual(BOX.width - BOX.right);
    expect(only.y).toBeGreaterThan(BOX.top);
    expect(only.y).toBeLessThan(BOX.height - BOX.bottom);
  });
});

describe('runs of one drawdown', () => {
  test('inside the band of two per cent around their mean, or outside', () => {
    const { runs, band, text } = runsChart(BOX, [21, 21.2, 20.9]);
    expect(runs.map(({ inside }) => inside)).toEqual([true, true, true]);
    expect(band.top).toBeLessThan(band.mean);
    expect(band.bottom).toBeGreaterThan(band.mean);
    expect(text).toBe('Drawdown, 3 runs: 21, 21.2, 20.9 mL, mean 21.03 mL.');
    expect(runsChart(BOX, [21, 26, 19]).runs.map(({ inside }) => inside)).toEqual([false, false, false]);
  });
  test('room is kept for three runs while they come in', () => {
    const { frame, runs } = runsChart(BOX, [21]);
    expect(frame.x.ticks.map(({ label }) => label)).toEqual(['1', '2', '3']);
    expect(runs).toHaveLength(1);
  });
});

describe('pressure over a stroke', () => {
  const trace = (late: number) =>
    Array.from({ length: 101 }, (_, i) => ({ at: i / 100, bar: i / 100 < late ? 1 + i / 100 : 5 }));
  test('says where the valve opens: with gas it comes late', () => {
    expect(strokeChart(BOX, trace(0.05)).text).toContain('rises to 5.0 bar absolute at 5 % of its way');
    expect(strokeChart(BOX, trace(0.7)).text).toContain('at 70 % of its way');
  });
  test('runs over the whole way, in percent, with the unit on both axes', () => {
    const { frame, path } = strokeChart(BOX, trace(0.2));
    expect(frame.x.title).toBe('Way of the stroke, %');
    expect(frame.y.title).toBe('Pressure, bar absolute');
    expect(path.match(/L/g)!.length).toBe(100);
  });
});
