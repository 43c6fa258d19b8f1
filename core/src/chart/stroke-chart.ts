import { line } from 'd3-shape';
import { frame, withAir, type Box, type Frame } from './frame';

export interface StrokeChart {
  readonly frame: Frame;
  readonly path: string;
  readonly text: string;
}

/** Geometry of pressure over one discharge stroke: with gas the rise comes late and stays low. */
export function strokeChart(box: Box, trace: readonly { at: number; bar: number }[]): StrokeChart {
  const most = Math.max(...trace.map((point) => point.bar));
  const drawn = frame(
    box,
    { domain: [0, 100], title: 'Way of the stroke, %', ticks: 5, at: [0, 25, 50, 75, 100] },
    { domain: [0, withAir(most)], title: 'Pressure, bar absolute', ticks: 4 },
  );
  const draw = line<{ at: number; bar: number }>()
    .x((point) => drawn.x.scale(point.at * 100))
    .y((point) => drawn.y.scale(point.bar));
  const opens = trace.find((point) => point.bar >= most * 0.999);
  return {
    frame: drawn,
    path: draw([...trace]) ?? '',
    text: `Pressure over a stroke rises to ${most.toFixed(1)} bar absolute at ${Math.round((opens?.at ?? 1) * 100)} % of its way.`,
  };
}
