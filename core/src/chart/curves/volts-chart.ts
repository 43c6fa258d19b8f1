import { shareOfVolts, type VoltageInput } from '../../control';
import { frame, type Box, type Frame } from '../frame';

/** A speed input by voltage, to be drawn: what was found, and what is to be set. */
export interface VoltsPicture {
  readonly found: VoltageInput | null;
  readonly target: VoltageInput | null;
  /** least speed, as a share of the greatest */
  readonly leastShare: number;
}

export interface VoltsChart {
  readonly frame: Frame;
  readonly lines: readonly {
    readonly column: 'found' | 'target';
    /** from its start to full speed, and on */
    readonly path: string;
    /** rising it starts here, falling it stops there; px */
    readonly starts: number;
    readonly stops: number;
  }[];
  readonly text: string;
}

/** Usual end of such a signal; a table that goes higher widens the picture. */
const USUAL_V = 10;

/** Geometry of speed over voltage: from the start at least speed to full, and the band that keeps its state. */
export function voltsChart(box: Box, { found, target, leastShare }: VoltsPicture): VoltsChart {
  const inputs = (
    [
      ['found', found],
      ['target', target],
    ] as const
  ).flatMap(([column, input]) => (input ? [{ column, input }] : []));
  const end = Math.max(USUAL_V, ...inputs.map(({ input }) => input.full_V));
  const drawn = frame(
    box,
    { domain: [0, end], title: 'Signal, V', ticks: 6 },
    { domain: [0, 100], title: 'Speed, %', ticks: 5 },
  );
  const speed = (input: VoltageInput, volts: number) =>
    100 * (leastShare + (1 - leastShare) * shareOfVolts(volts, input));
  const point = (input: VoltageInput, volts: number) =>
    `${drawn.x.scale(volts)},${drawn.y.scale(speed(input, volts))}`;
  const bottom = drawn.y.scale(0);
  return {
    frame: drawn,
    lines: inputs.map(({ column, input }) => ({
      column,
      // at rest along the axis, up where it starts; back along the least speed and down where it stops
      path: [
        `M${drawn.x.scale(0)},${bottom}L${drawn.x.scale(input.on_V)},${bottom}L${point(input, input.on_V)}`,
        `L${point(input, input.full_V)}L${point(input, end)}`,
        `M${point(input, input.on_V)}L${point(input, input.off_V)}L${drawn.x.scale(input.off_V)},${bottom}`,
      ].join(''),
      starts: drawn.x.scale(input.on_V),
      stops: drawn.x.scale(input.off_V),
    })),
    text: inputs
      .map(
        ({ column, input }) =>
          `${column === 'found' ? 'As found' : 'Target'}: starts at ${short(input.on_V)} V, stops below ${short(input.off_V)} V, full speed at ${short(input.full_V)} V.`,
      )
      .join(' '),
  };
}

function short(value: number): string {
  return String(Number(value.toPrecision(3)));
}
