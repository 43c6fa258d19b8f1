import { line } from 'd3-shape';
import { frame, type Box, type Frame } from './frame';

/** A row of readings, evenly apart: a second, where nothing else is said. */
export interface TimePicture {
  readonly values: readonly number[];
  /** the same as it was before */
  readonly before?: readonly number[];
  /** what the time is counted in, and how much of it lies between two readings */
  readonly time?: { readonly title: string; readonly each: number };
  /** the most that the axis begins at: nil where nothing else is said */
  readonly from?: number;
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
  readonly before: string | null;
  readonly levels: readonly { readonly y: number; readonly name: string }[];
  readonly marks: readonly { readonly x: number; readonly words: string }[];
}

/** Geometry of something over time. */
export function timeChart(box: Box, picture: TimePicture): TimeChart {
  const { values, before, title, reaches, levels, marks, from = 0 } = picture;
  const { title: named, each } = picture.time ?? { title: 'Time, s', each: 1 };
  const all = [...values, ...(before ?? [])];
  const longest = Math.max(values.length, before?.length ?? 0);
  const drawn = frame(
    box,
    { domain: [0, Math.max(1, (longest - 1) * each)], title: named, ticks: 6 },
    {
      domain: [Math.min(from, ...all), from + (Math.max(reaches, ...all) - from) * 1.08],
      title,
      ticks: 4,
    },
  );
  const path = (of: readonly number[]) =>
    line<number>()
      .x((_, i) => drawn.x.scale(i * each))
      .y((value) => drawn.y.scale(value))([...of]) ?? '';
  return {
    frame: drawn,
    path: path(values),
    before: before ? path(before) : null,
    levels: levels.map(({ at, name }) => ({ y: drawn.y.scale(at), name })),
    marks: marks.map(({ at_s, words }) => ({ x: drawn.x.scale(at_s), words })),
  };
}
