import type { Trace } from '../bench';
import { frame, type Box, type Frame } from './frame';

export interface StripChart {
  readonly frame: Frame;
  /** area between least and greatest of every pixel column: nothing is lost to sampling */
  readonly area: string;
  /** line through the means of every pixel column: where samples follow single strokes, what they come to together */
  readonly mean: string;
  readonly band: { readonly top: number; readonly bottom: number } | null;
  readonly text: string;
}

const HOUR_s = 3600;

/** Geometry of one trace of the bench over time. `most` fixes the upper end, so that two strips compare. */
export function stripChart(
  box: Box,
  trace: Trace,
  seconds: number,
  most: number,
  band: { readonly low: number; readonly high: number } | null = null,
): StripChart {
  const days = seconds / (24 * HOUR_s);
  const hours = Array.from({ length: days === 1 ? 5 : days + 1 }, (_, i) => (days === 1 ? i * 6 : i * 24));
  const drawn = frame(
    box,
    {
      domain: [0, seconds / HOUR_s],
      title: days === 1 ? 'Time, h' : 'Time, h from the first midnight',
      ticks: 5,
      at: hours,
    },
    {
      domain: [0, most <= 0 ? 1 : most * 1.08],
      title: trace.unit ? `${trace.label}, ${trace.unit}` : trace.label,
      ticks: 3,
    },
  );
  const columns = perPixel(trace, Math.max(1, Math.floor(box.width - box.left - box.right)));
  const left = box.left;
  const y = (value: number) => drawn.y.scale(Math.min(value, drawn.y.scale.domain()[1])).toFixed(1);
  const step = (box.width - box.left - box.right) / columns.length;
  const upper = columns.map(([, max], i) => `${(left + i * step).toFixed(1)},${y(max)}`);
  const lower = columns.map(([min], i) => `${(left + i * step).toFixed(1)},${y(min)}`).reverse();
  // a flat trace would have no area: half a pixel keeps it seen
  const lowest = columns.map(([min]) => min);
  return {
    frame: drawn,
    area: `M${upper.join('L')}L${lower.join('L')}Z`,
    mean: `M${meansPerPixel(trace, columns.length)
      .map((value, i) => `${(left + (i + 0.5) * step).toFixed(1)},${y(value)}`)
      .join('L')}`,
    band: band && { top: drawn.y.scale(band.high), bottom: drawn.y.scale(band.low) },
    text: `${trace.label}: ${short(Math.min(...lowest))} to ${short(Math.max(...columns.map(([, max]) => max)))} ${trace.unit}.`,
  };
}

/** Least and greatest of each pixel column. */
export function perPixel(trace: Pick<Trace, 'min' | 'max'>, pixels: number): [number, number][] {
  const count = Math.min(pixels, trace.min.length);
  return Array.from({ length: count }, (_, i) => {
    const from = Math.floor((i * trace.min.length) / count);
    const to = Math.max(from + 1, Math.floor(((i + 1) * trace.min.length) / count));
    let min = Infinity;
    let max = -Infinity;
    for (let k = from; k < to; k++) {
      min = Math.min(min, trace.min[k]);
      max = Math.max(max, trace.max[k]);
    }
    return [min, max];
  });
}

function meansPerPixel({ mean }: Trace, count: number): number[] {
  return Array.from({ length: count }, (_, i) => {
    const from = Math.floor((i * mean.length) / count);
    const to = Math.max(from + 1, Math.floor(((i + 1) * mean.length) / count));
    return mean.slice(from, to).reduce((sum, value) => sum + value, 0) / (to - from);
  });
}

function short(value: number): string {
  return String(Number(value.toPrecision(3)));
}
