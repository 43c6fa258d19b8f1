import { line } from 'd3-shape';
import { inOrder, type BrokenWireWatch, type TwoPointMap } from '../signal';
import { responseAt, type StrokeLimits } from '../strokes';
import { frame, withAir, type Box, type Frame } from './frame';

/** A line to draw: the sheet's column it belongs to and what the pump does along it. */
export interface SignalLine {
  readonly column: 'found' | 'target' | 'left';
  readonly map: TwoPointMap;
  readonly watch: BrokenWireWatch | null;
  readonly limits: StrokeLimits;
}

export interface Dot {
  readonly x: number;
  readonly y: number;
}

export interface DrawnLine {
  readonly column: SignalLine['column'];
  /** what the line itself asks for, end to end */
  readonly path: string;
  /** what the pump really does, in whole strokes */
  readonly steps: string;
  readonly points: readonly [Dot, Dot];
  /** where to write the line's name */
  readonly label: Dot;
}

export interface SignalChart {
  readonly frame: Frame;
  readonly lines: readonly DrawnLine[];
  readonly readings: readonly (Dot & { readonly ok: boolean })[];
  /** stretch of the axis where the target line stands still */
  readonly dead: { readonly from: number; readonly to: number } | null;
  readonly text: string;
}

/** The upper axis in other figures than strokes/min: what a drive that is set in flow shows. */
export interface RateAxis {
  readonly title: string;
  /** worth of one stroke/min on this axis */
  readonly perStroke: number;
}

const STROKES: RateAxis = { title: 'Strokes/min', perStroke: 1 };

export const SIGNAL_AXIS_mA = [0, 4, 8, 12, 16, 20] as const;
const GREATEST_mA = 22;
const X_TITLE = 'Signal, mA';

/** Geometry of stroke rate over signal: every line with its points, its steps, and the readings taken. */
export function signalChart(
  box: Box,
  lines: readonly SignalLine[],
  readings: readonly { x_mA: number; rate_spm: number; ok: boolean }[],
  greatest_spm?: number,
  rate: RateAxis = STROKES,
): SignalChart {
  const top = Math.max(
    greatest_spm ?? 0,
    ...lines.flatMap((l) => [l.map.y1, l.map.y2]),
    ...readings.map((r) => r.rate_spm),
  );
  const drawn = frame(
    box,
    { domain: [0, GREATEST_mA], title: X_TITLE, ticks: 6, at: SIGNAL_AXIS_mA },
    { domain: [0, withAir(top * rate.perStroke)], title: rate.title, ticks: 5 },
  );
  return {
    frame: drawn,
    lines: lines.map((l) => drawLine(drawn, l, rate.perStroke)),
    readings: readings.map((r) => ({
      x: drawn.x.scale(r.x_mA),
      y: drawn.y.scale(r.rate_spm * rate.perStroke),
      ok: r.ok,
    })),
    dead: deadZone(drawn, lines.find((l) => l.column === 'target') ?? lines[lines.length - 1]),
    text: lines.map((l) => inWords(l, rate)).join(' '),
  };
}

type Point = readonly [number, number];

/** What a line itself asks for, end to end: signal in mA, rate in strokes/min. */
function askedBy(map: TwoPointMap): Point[] {
  const ordered = inOrder(map);
  return [
    ...(ordered.below === 'stop'
      ? ([
          [0, 0],
          [ordered.x1_mA, 0],
        ] as const)
      : ([[0, ordered.y1]] as const)),
    [ordered.x1_mA, ordered.y1],
    [ordered.x2_mA, ordered.y2],
    [GREATEST_mA, ordered.y2],
  ];
}

/** A line as it goes onto a hand-over, in its own figures. */
export function signalLineOf({ column, map }: SignalLine) {
  const marks = [
    [map.x1_mA, map.y1],
    [map.x2_mA, map.y2],
  ] as [number, number][];
  return { column, points: askedBy(map).map(([x, y]): [number, number] => [x, y]), marks };
}

/** Axes and words of a chart of signal lines, as they go onto a hand-over. */
export function signalBlockAxes(lines: readonly SignalLine[], dots: readonly { readonly y: number }[]) {
  const top = Math.max(...lines.flatMap(({ map }) => [map.y1, map.y2]), ...dots.map(({ y }) => y));
  return {
    x: { title: X_TITLE, from: 0, to: GREATEST_mA, at: [...SIGNAL_AXIS_mA] },
    y: { title: STROKES.title, from: 0, to: withAir(top) },
    says: lines.map((line) => inWords(line, STROKES)).join(' '),
  };
}

function drawLine({ x, y }: Frame, signal: SignalLine, perStroke: number): DrawnLine {
  const { map } = signal;
  const ordered = inOrder(map);
  const draw = line<Point>()
    .x((p) => x.scale(p[0]))
    .y((p) => y.scale(p[1] * perStroke));
  const dot = (mA: number, rate: number): Dot => ({ x: x.scale(mA), y: y.scale(rate * perStroke) });
  return {
    column: signal.column,
    path: draw(askedBy(map)) ?? '',
    steps: draw(stepsOf(signal)) ?? '',
    points: [dot(map.x1_mA, map.y1), dot(map.x2_mA, map.y2)],
    label: dot((ordered.x1_mA + ordered.x2_mA) / 2, (ordered.y1 + ordered.y2) / 2),
  };
}

/** Whole strokes as a staircase; finer than a pixel is not drawn. */
function stepsOf(signal: SignalLine): [number, number][] {
  const steps: [number, number][] = [];
  const width_mA = 0.05;
  let before: number | null = null;
  for (let i = 0; i * width_mA <= GREATEST_mA + 1e-9; i++) {
    const x_mA = i * width_mA;
    const { rate_spm } = responseAt(signal.map, signal.watch, signal.limits, x_mA);
    if (before !== null && rate_spm !== before) steps.push([x_mA, before]);
    if (before === null || rate_spm !== before) steps.push([x_mA, rate_spm]);
    before = rate_spm;
  }
  steps.push([GREATEST_mA, before ?? 0]);
  return steps;
}

function deadZone({ x }: Frame, signal: SignalLine | undefined): { from: number; to: number } | null {
  if (!signal) return null;
  const rate = (x_mA: number) => responseAt(signal.map, signal.watch, signal.limits, x_mA).rate_spm;
  if (rate(0) !== 0) return null;
  let to = 0;
  while (to < GREATEST_mA && rate(to) === 0) to += 0.05;
  return to > 0.1 ? { from: x.scale(0), to: x.scale(Math.min(to, GREATEST_mA)) } : null;
}

const NAMES = { found: 'As found', target: 'Target', left: 'As left' } as const;

function inWords({ column, map }: SignalLine, { title, perStroke }: RateAxis): string {
  const low = map.below === 'stop' ? 'stops below' : 'holds below';
  const figure = (rate: number) => String(Number((rate * perStroke).toPrecision(4)));
  const unit = perStroke === 1 ? 'strokes/min' : (title.split(', ')[1] ?? '');
  return `${NAMES[column]}: ${figure(map.y1)} ${unit} at ${map.x1_mA} mA to ${figure(map.y2)} at ${map.x2_mA} mA, ${low}.`;
}
