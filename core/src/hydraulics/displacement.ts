import { InputError } from '../input';

/** A pump that displaces: its flow goes with its speed, less what slips back through its gaps for each metre of head. */
export interface Displacement {
  /** at the speed of its points, against nothing, m³/h */
  readonly atNoHead_m3h: number;
  /** given up for each metre of head, whatever the speed, m³/h */
  readonly slip_m3hm: number;
}

/** What it works against: what is lifted, and what the pipe takes for each flow squared. */
export interface Against {
  readonly lift_m: number;
  /** m for each (m³/h)² */
  readonly pipe: number;
}

/**
 * The line through its points at full speed by least squares, q = q0 − s·H. Throws an InputError on `curve` where they give no flow, or
 * more flow against more head.
 */
export function fitDisplacement(
  points: readonly { readonly flow_m3h: number; readonly head_m: number }[],
): Displacement {
  const mean = (of: (point: (typeof points)[number]) => number) =>
    points.reduce((sum, point) => sum + of(point), 0) / points.length;
  const [flow, head] = [mean((p) => p.flow_m3h), mean((p) => p.head_m)];
  const spread = points.reduce((sum, p) => sum + (p.head_m - head) ** 2, 0);
  if (points.length < 2 || spread < 1e-9)
    throw new InputError('curve', 'Enter its flow at two heads: one with little, one with much.');
  const slope = points.reduce((sum, p) => sum + (p.head_m - head) * (p.flow_m3h - flow), 0) / spread;
  const atNoHead_m3h = flow - slope * head;
  if (slope > 1e-9 * atNoHead_m3h)
    throw new InputError('curve', 'A pump that displaces gives no more against more head: check the points.');
  if (atNoHead_m3h <= 0) throw new InputError('curve', 'By these points it gives nothing: check them.');
  return { atNoHead_m3h, slip_m3hm: Math.max(0, -slope) };
}

/** Flow at a share of its speed, m³/h: q0·n − s·(lift + k·q²), solved for q; nil where all of it slips back. */
export function displacedFlow_m3h(
  { atNoHead_m3h, slip_m3hm }: Displacement,
  { lift_m, pipe }: Against,
  share: number,
): number {
  const given = atNoHead_m3h * share - slip_m3hm * lift_m;
  if (given <= 0) return 0;
  const bend = slip_m3hm * pipe;
  // the root without its cancelling difference, so that a stiff pump on a short pipe comes out right
  return (2 * given) / (1 + Math.sqrt(1 + 4 * bend * given));
}

/** Share of its speed that gives a flow. */
export function displacedShare(
  { atNoHead_m3h, slip_m3hm }: Displacement,
  { lift_m, pipe }: Against,
  flow_m3h: number,
): number {
  return (flow_m3h + slip_m3hm * (lift_m + pipe * flow_m3h * flow_m3h)) / atNoHead_m3h;
}
