import { dosePieces } from '../dosing';
import { doseChart, signalChart, type Box } from './index';
import { beatStrip } from '../beat';

const BOX: Box = { width: 400, height: 300, left: 40, right: 10, top: 20, bottom: 40 };
const LIMITS = { least_spm: 1, greatest_spm: 100 };
const MAP = { x1_mA: 4, y1: 0, x2_mA: 20, y2: 100, below: 'stop' as const };

test('the signal chart puts both points on its scales, and paths inside its box', () => {
  const chart = signalChart(BOX, [{ column: 'target', map: MAP, watch: null, limits: LIMITS }], []);
  const [first, second] = chart.lines[0].points;
  expect(chart.frame.x.scale.invert(first.x)).toBeCloseTo(4, 9);
  expect(chart.frame.y.scale.invert(second.y)).toBeCloseTo(100, 9);
  const numbers = chart.lines[0].steps.match(/-?[\d.]+/g)!.map(Number);
  expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...numbers)).toBeLessThanOrEqual(400);
  expect(chart.frame.x.ticks.map((tick) => tick.label)).toEqual(['0', '4', '8', '12', '16', '20']);
  expect(chart.text).toContain('Target: 0 strokes/min at 4 mA to 100 at 20 mA, stops below.');
});

test('the dead zone ends where the first stroke comes', () => {
  const chart = signalChart(BOX, [{ column: 'target', map: MAP, watch: null, limits: LIMITS }], []);
  expect(chart.frame.x.scale.invert(chart.dead!.to)).toBeCloseTo(4.1, 1);
});

test('a dose far above its band is cut at the edge, and said so', () => {
  const path = {
    kind: 'analog' as const,
    transmitter: { low_mA: 4 as const, span_m3h: 50 },
    map: { ...MAP, y1: 20, below: 'hold' as const },
    watch: null,
    limits: LIMITS,
    stroke_mL: 0.1,
    strength_gpl: 100,
  };
  const pieces = dosePieces(path, 1, 40);
  const band = { low_mgl: 1, wanted_mgl: 1.2, high_mgl: 1.5 };
  const chart = doseChart(BOX, [{ column: 'found', pieces }], band, { least_m3h: 1, greatest_m3h: 40 });
  expect(chart.cut).toBe(true);
  const ys = [...chart.lines[0].path.matchAll(/,(-?[\d.]+)/g)].map((match) => Number(match[1]));
  expect(Math.min(...ys)).toBeGreaterThanOrEqual(BOX.top - 1e-6);
  expect(chart.text).toContain('leaves the band');
});

test('the beat strip: a band where it runs steadily, beats where strokes are far apart, rest where it stands', () => {
  const strip = beatStrip({ width: 240, height: 30 }, [0, 4, 50, 100], 100, 0.25);
  expect(strip.beats.filter((beat) => beat.x < 60).map((beat) => beat.kind)).toEqual(['rest']);
  const beats = strip.beats.filter((beat) => beat.kind === 'beats');
  expect(beats.length).toBeGreaterThan(0);
  expect(beats.every((beat) => beat.x >= 60 && beat.x < 120)).toBe(true);
  expect(strip.beats[strip.beats.length - 1]).toMatchObject({ kind: 'band', height: 30 });
  expect(strip.now).toBe(60);
});
