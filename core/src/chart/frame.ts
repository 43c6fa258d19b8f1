import { scaleLinear, type ScaleLinear } from 'd3-scale';

/** The space a chart has, in px on screen or points on paper. */
export interface Box {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

export interface Tick {
  readonly at: number;
  readonly label: string;
}

export interface Axis {
  readonly scale: ScaleLinear<number, number>;
  readonly ticks: readonly Tick[];
  /** name and unit, to be written beside the axis */
  readonly title: string;
}

/** A chart's frame: both axes with their ticks, ready to paint on screen or paper. */
export interface Frame {
  readonly box: Box;
  readonly x: Axis;
  readonly y: Axis;
}

export interface AxisWish {
  readonly domain: readonly [number, number];
  readonly title: string;
  /** about how many ticks fit */
  readonly ticks: number;
  /** exact ticks instead, where the trade has its own */
  readonly at?: readonly number[];
  readonly decimal?: '.' | ',';
}

export function frame(box: Box, x: AxisWish, y: AxisWish): Frame {
  return {
    box,
    x: axis(x, [box.left, box.width - box.right]),
    y: axis(y, [box.height - box.bottom, box.top]),
  };
}

function axis(wish: AxisWish, range: [number, number]): Axis {
  const scale = scaleLinear([...wish.domain], range);
  const values = wish.at ?? scale.ticks(wish.ticks);
  const format = wish.at ? String : scale.tickFormat(wish.ticks);
  return {
    scale,
    title: wish.title,
    ticks: values.map((value) => {
      // no mark between thousands: a comma is the decimal mark of half the readers
      const label = format(value).replaceAll(',', '');
      return { at: scale(value), label: wish.decimal === ',' ? label.replace('.', ',') : label };
    }),
  };
}

/** A greatest value with a little air above it. */
export function withAir(greatest: number): number {
  return greatest <= 0 ? 1 : greatest * 1.12;
}
