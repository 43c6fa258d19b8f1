import { line } from 'd3-shape';
import type { BlockOf } from '../visit';
import { frame, type Box, type Frame } from './frame';
import type { Dot } from './signal-chart';

export interface LineChart {
  readonly frame: Frame;
  readonly lines: readonly {
    readonly column: 'found' | 'target' | 'left';
    readonly path: string;
    readonly marks: readonly Dot[];
  }[];
  readonly dots: readonly (Dot & { readonly ok: boolean })[];
}

/** Geometry of a chart that was frozen with a hand-over. */
export function lineChart(box: Box, { x, y, lines, dots }: BlockOf<'chart'>): LineChart {
  const drawn = frame(
    box,
    { domain: [x.from, x.to], title: x.title, ticks: x.at.length, at: x.at },
    { domain: [y.from, y.to], title: y.title, ticks: 5 },
  );
  const at = (px: number, py: number): Dot => ({ x: drawn.x.scale(px), y: drawn.y.scale(py) });
  const path = line<readonly [number, number]>()
    .x((point) => drawn.x.scale(point[0]))
    .y((point) => drawn.y.scale(point[1]));
  return {
    frame: drawn,
    lines: lines.map(({ column, points, marks }) => ({
      column,
      path: path([...points]) ?? '',
      marks: marks.map(([px, py]) => at(px, py)),
    })),
    dots: dots.map(({ x: px, y: py, ok }) => ({ ...at(px, py), ok })),
  };
}
