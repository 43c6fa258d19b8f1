import { dateInWords } from '../time';
import { line } from 'd3-shape';
import { frame, type Box, type Frame } from './frame';

export interface DriftPoint {
  /** site date */
  readonly date: string;
  readonly full_mL: number;
  readonly uncertainty: number;
  readonly accepted: boolean;
}

export interface DriftChart {
  readonly frame: Frame;
  readonly path: string;
  readonly points: readonly {
    readonly x: number;
    readonly y: number;
    readonly top: number;
    readonly bottom: number;
    readonly accepted: boolean;
  }[];
  readonly text: string;
}

const DAY_MS = 86_400_000;

/** Geometry of drawdowns over time, with the standard uncertainty of each; rejected ones are off the line. */
export function driftChart(box: Box, points: readonly DriftPoint[]): DriftChart {
  const days = points.map((point) => Math.round(Date.parse(point.date) / DAY_MS));
  const start = Math.min(...days);
  const span = Math.max(30, Math.max(...days) - start);
  const low = Math.min(...points.map((p) => p.full_mL * (1 - p.uncertainty)));
  const high = Math.max(...points.map((p) => p.full_mL * (1 + p.uncertainty)));
  const air = Math.max((high - low) * 0.25, high * 0.01);
  const drawn = frame(
    box,
    { domain: [-span * 0.05, span * 1.05], title: 'Days since the first', ticks: 5 },
    { domain: [low - air, high + air], title: 'Stroke volume at full length, mL', ticks: 4 },
  );
  const at = points.map((point, i) => ({ ...point, day: days[i] - start }));
  const draw = line<{ day: number; full_mL: number }>()
    .x((point) => drawn.x.scale(point.day))
    .y((point) => drawn.y.scale(point.full_mL));
  return {
    frame: drawn,
    path: draw(at.filter((point) => point.accepted)) ?? '',
    points: at.map((point) => ({
      x: drawn.x.scale(point.day),
      y: drawn.y.scale(point.full_mL),
      top: drawn.y.scale(point.full_mL * (1 + point.uncertainty)),
      bottom: drawn.y.scale(point.full_mL * (1 - point.uncertainty)),
      accepted: point.accepted,
    })),
    text: points
      .map((p) => `${dateInWords(p.date)}: ${p.full_mL.toPrecision(4)} mL${p.accepted ? '' : ', rejected'}`)
      .join('; '),
  };
}
