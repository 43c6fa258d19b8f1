import { line } from 'd3-shape';
import { frame, type Box, type Frame } from './frame';

/** A row of readings, a second apart. */
export interface TimePicture {
  readonly values: readonly number[];
  readonly title: string;
  /** the least that the axis ends at */
  readonly reaches: number;
  /** levels that matter, with their names */
  readonly levels: readonly { readonly at: number; readonly name: string }[];
  readonly marks: readonly { readonly at_s: number; readonly words: string }[];
}

export interface TimeChart {
  readonly frame: Frame;
  readonly path: string;
  readonly levels: readonly { readonly y: number; readonly name: string }[];
  readonly marks: readonly { readonly x: number; readonly words: string }[];
}

/** Geometry of something second by second. */
export function timeChart(box: Box, { values, title, reaches, levels, marks }: TimePicture): TimeChart {
  const drawn = frame(
    box,
    { domain: [0, Math.max(1, values.length - 1)], title: 'Time, s', ticks: 6 },
    { domain: [0, Math.max(reaches, ...values) * 1.08], title, ticks: 4 },
  );
  return {
    frame: drawn,
    path:
      line<number>()
        .x((_, second) => drawn.x.scale(second))
        .y((value) => drawn.y.scale(value))([...values]) ?? '',
    levels: levels.map(({ at, name }) => ({ y: drawn.y.scale(at), name })),
    marks: marks.map(({ at_s, words }) => ({ x: drawn.x.scale(at_s), words })),
  };
}
