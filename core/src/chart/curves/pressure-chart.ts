import { line } from 'd3-shape';
import { frame, withAir, type Box, type Frame } from '../frame';
import type { Dot } from '../signal-chart';

/** Pressure over demand of a drive or a set, to be drawn: each a pressure in bar at a draw in m³/h. */
export interface PressurePicture {
  /** the draw at which the picture ends */
  readonly end_m3h: number;
  readonly curves: readonly { readonly label: string; readonly at: (draw_m3h: number) => number }[];
  /** what the plant asks for */
  readonly asked: (draw_m3h: number) => number;
  readonly held: {
    readonly found: ((draw_m3h: number) => number) | null;
    readonly target: ((draw_m3h: number) => number) | null;
  };
  readonly duty: { readonly draw_m3h: number; readonly pressure_bar: number };
  /** where it stops for no demand; null where it never does */
  readonly stop: { readonly draw_m3h: number; readonly pressure_bar: number } | null;
}

export interface PressureChart {
  readonly frame: Frame;
  readonly curves: readonly {
    readonly label: string;
    readonly path: string;
    readonly end: Dot;
    /** its name stands to the right of that point, else above it */
    readonly beside: boolean;
  }[];
  readonly asked: string;
  readonly lines: readonly {
    readonly column: 'found' | 'target';
    readonly path: string;
    readonly mark: Dot;
  }[];
  readonly duty: Dot;
  readonly stop: Dot | null;
}

const STEPS = 80;

/** Geometry of pressure over draw: curves at frequencies, what is held, what the plant asks for, and the point at which it stops. */
export function pressureChart(box: Box, picture: PressurePicture): PressureChart {
  const { end_m3h, curves, asked, held, duty, stop } = picture;
  const top = withAir(Math.max(duty.pressure_bar, ...curves.map(({ at }) => at(0))));
  const drawn = frame(
    box,
    { domain: [0, end_m3h], title: 'Demand, m³/h', ticks: 6 },
    { domain: [0, top], title: 'Pressure, bar', ticks: 5 },
  );
  const dot = (draw: number, pressure: number): Dot => ({
    x: drawn.x.scale(draw),
    y: drawn.y.scale(pressure),
  });
  const draws = Array.from({ length: STEPS + 1 }, (_, i) => (end_m3h * i) / STEPS);
  const path = (at: (draw: number) => number) =>
    line<readonly [number, number]>()
      .defined(([, pressure]) => pressure > 0 && pressure <= top)
      .x(([draw]) => drawn.x.scale(draw))
      .y(([, pressure]) => drawn.y.scale(pressure))(draws.map((draw) => [draw, at(draw)] as const)) ?? '';
  return {
    frame: drawn,
    curves: curves.map(({ label, at }) => {
      // beside its curve where that has fallen low; one that never falls so far is named over its middle
      const above = draws.filter((draw) => at(draw) > top * NAMED_AT);
      const beside = above.length < draws.length;
      const named = beside ? (above.at(-1) ?? 0) : end_m3h * MIDDLE;
      return { label, path: path(at), end: dot(named, at(named)), beside };
    }),
    asked: path(asked),
    lines: (['found', 'target'] as const).flatMap((column) => {
      const at = held[column];
      return at ? [{ column, path: path(at), mark: dot(duty.draw_m3h, at(duty.draw_m3h)) }] : [];
    }),
    duty: dot(duty.draw_m3h, duty.pressure_bar),
    stop: stop && dot(stop.draw_m3h, stop.pressure_bar),
  };
}
/** Share of the height at which curves have their names. */
const NAMED_AT = 0.33;
const MIDDLE = 0.5;
