import { line } from 'd3-shape';
import { headAt_m, lineHead_m, noHeadFlow_m3h, type FullCurve, type HeadLine } from '../../hydraulics';
import { frame, withAir, type Box, type Frame } from '../frame';
import type { Dot } from '../signal-chart';

/** A pump on its pipes, to be drawn. */
export interface PumpPicture {
  readonly curve: FullCurve;
  readonly lines: { readonly found: HeadLine | null; readonly target: HeadLine | null };
  /** what the pipes lose for each (m³/h)² with every valve open */
  readonly loss: number;
  readonly duty: { readonly flow_m3h: number; readonly head_m: number };
}

export interface PumpChart {
  readonly frame: Frame;
  /** full speed */
  readonly full: string;
  /** the pipes with every valve open, and with half of the flow wanted */
  readonly pipes: readonly string[];
  readonly lines: readonly {
    readonly column: 'found' | 'target';
    readonly path: string;
    readonly mark: Dot;
  }[];
  readonly duty: Dot;
  readonly text: string;
}

const STEPS = 60;
/** At half of the flow valves take up four times as much of each (m³/h)². */
const HALF_FLOW = 4;

/** Geometry of head over flow: the curve, the lines that are held, and what the pipes ask for. */
export function pumpChart(box: Box, { curve, lines, loss, duty }: PumpPicture): PumpChart {
  const end = noHeadFlow_m3h(curve);
  const top = withAir(Math.max(headAt_m(curve, 0), duty.head_m));
  const drawn = frame(
    box,
    { domain: [0, end * 1.05], title: 'Flow, m³/h', ticks: 6 },
    { domain: [0, top], title: 'Head, m', ticks: 5 },
  );
  const at = (flow: number, head: number): Dot => ({ x: drawn.x.scale(flow), y: drawn.y.scale(head) });
  const path = (of: (flow: number) => number) => {
    const draw = line<readonly [number, number]>()
      .defined(([, head]) => head <= top)
      .x(([flow]) => drawn.x.scale(flow))
      .y(([, head]) => drawn.y.scale(head));
    return (
      draw(Array.from({ length: STEPS + 1 }, (_, i) => [(end * i) / STEPS, of((end * i) / STEPS)])) ?? ''
    );
  };
  const held = (['found', 'target'] as const).flatMap((column) => {
    const own = lines[column];
    if (own === null) return [];
    const mark = at(duty.flow_m3h, lineHead_m(own, curve, duty.flow_m3h));
    return [{ column, path: path((flow) => lineHead_m(own, curve, flow)), mark }];
  });
  return {
    frame: drawn,
    full: path((flow) => headAt_m(curve, flow)),
    pipes: [loss, loss * HALF_FLOW].map((each) => path((flow) => each * flow * flow)),
    lines: held,
    duty: at(duty.flow_m3h, duty.head_m),
    text: `Full speed gives ${short(headAt_m(curve, duty.flow_m3h))} m at ${short(duty.flow_m3h)} m³/h, where ${short(duty.head_m)} m are needed. ${held
      .map(({ column }) => {
        const own = lines[column];
        return own === null
          ? ''
          : `${column === 'found' ? 'As found' : 'Target'}: ${short(lineHead_m(own, curve, duty.flow_m3h))} m there.`;
      })
      .join(' ')}`,
  };
}

function short(value: number): string {
  return String(Number(value.toPrecision(3)));
}
