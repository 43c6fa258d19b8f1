import { line } from 'd3-shape';
import { frame, withAir, type Box, type Frame } from '../frame';

/** Power of a set over its draw, each way a row of points: draw in m³/h, power in W, and how many run; null where it is not carried. */
export interface PowerPicture {
  readonly end_m3h: number;
  readonly ways: readonly {
    readonly key: string;
    readonly at: (draw_m3h: number) => { readonly power_W: number; readonly running: number } | null;
  }[];
  /** draws of the day, hour by hour */
  readonly day_m3h: readonly number[];
}

export interface PowerChart {
  readonly frame: Frame;
  readonly ways: readonly { readonly key: string; readonly path: string }[];
  /** stretches of the draw in which so many run */
  readonly runs: readonly { readonly running: number; readonly from: number; readonly to: number }[];
  /** hours of the day along the axis */
  readonly hours: readonly number[];
}

const STEPS = 120;

/** Geometry of who runs over the draw, and what it takes. */
export function powerChart(box: Box, { end_m3h, ways, day_m3h }: PowerPicture): PowerChart {
  const draws = Array.from({ length: STEPS }, (_, i) => (end_m3h * (i + 1)) / STEPS);
  const rows = ways.map(({ key, at }) => ({ key, points: draws.map((draw) => ({ draw, is: at(draw) })) }));
  const most = Math.max(1, ...rows.flatMap(({ points }) => points.map(({ is }) => is?.power_W ?? 0)));
  const drawn = frame(
    box,
    { domain: [0, end_m3h], title: 'Demand, m³/h', ticks: 6 },
    { domain: [0, withAir(most)], title: 'Power, W', ticks: 5 },
  );
  const path = (points: (typeof rows)[number]['points']) =>
    line<(typeof points)[number]>()
      .defined(({ is }) => is !== null)
      .x(({ draw }) => drawn.x.scale(draw))
      .y(({ is }) => drawn.y.scale(is?.power_W ?? 0))(points) ?? '';
  const runs: { running: number; from: number; to: number }[] = [];
  for (const { draw, is } of rows[0]?.points ?? []) {
    if (is === null) continue;
    const last = runs.at(-1);
    const x = drawn.x.scale(draw);
    if (last?.running === is.running) last.to = x;
    else runs.push({ running: is.running, from: last?.to ?? drawn.x.scale(0), to: x });
  }
  return {
    frame: drawn,
    ways: rows.map(({ key, points }) => ({ key, path: path(points) })),
    runs,
    hours: day_m3h.map((draw) => drawn.x.scale(Math.min(end_m3h, draw))),
  };
}
