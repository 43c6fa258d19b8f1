import { InputError } from '../input';

/** A pump's curve at full speed: head = closed_m + rise·q − fall·q². Most pumps have no rise. */
export interface FullCurve {
  readonly closed_m: number;
  /** m for each m³/h */
  readonly rise: number;
  /** m for each (m³/h)² */
  readonly fall: number;
}

/** Head at a share of full speed by the laws of similarity, m; never below nil. */
export function headAt_m({ closed_m, rise, fall }: FullCurve, flow_m3h: number, share = 1): number {
  return Math.max(0, closed_m * share * share + rise * flow_m3h * share - fall * flow_m3h * flow_m3h);
}

/** What a pump holds while the flow varies. */
export type HeadLine =
  | { readonly kind: 'fixed'; readonly share: number }
  | { readonly kind: 'constant'; readonly set_m: number }
  | {
      readonly kind: 'proportional';
      readonly set_m: number;
      /** share of the set head that is left at no flow */
      readonly zeroShare: number;
      /** the flow that the set head refers to */
      readonly design_m3h: number;
    };

/** Head that a line asks for at a flow, m, whether or not the pump can give it. */
export function wantedHead_m(line: HeadLine, curve: FullCurve, flow_m3h: number): number {
  switch (line.kind) {
    case 'fixed':
      return headAt_m(curve, flow_m3h, line.share);
    case 'constant':
      return line.set_m;
    case 'proportional':
      return line.set_m * (line.zeroShare + ((1 - line.zeroShare) * flow_m3h) / line.design_m3h);
  }
}

/** Head that the pump gives along a line, m: what the line asks for, and never more than full speed does. */
export function lineHead_m(line: HeadLine, curve: FullCurve, flow_m3h: number): number {
  return Math.min(wantedHead_m(line, curve, flow_m3h), headAt_m(curve, flow_m3h));
}

/**
 * Share of full speed that gives a head at a flow: the positive root of closed·n² + rise·q·n − (fall·q² + H) = 0. For no rise
 * n = √((H + fall·q²)/closed).
 */
export function shareFor({ closed_m, rise, fall }: FullCurve, flow_m3h: number, head_m: number): number {
  const b = rise * flow_m3h;
  return (-b + Math.sqrt(b * b + 4 * closed_m * (head_m + fall * flow_m3h * flow_m3h))) / (2 * closed_m);
}

/** Power at full speed over flow: power = atNoFlow_W + perFlow·q. */
export interface FullPower {
  readonly atNoFlow_W: number;
  /** W for each m³/h */
  readonly perFlow: number;
}

/** Power at a share of full speed, W: n³·(P0 + P1·q/n), by the laws of similarity. */
export function powerOfShare_W({ atNoFlow_W, perFlow }: FullPower, flow_m3h: number, share: number): number {
  return share <= 0 ? 0 : share ** 3 * (atNoFlow_W + (perFlow * flow_m3h) / share);
}

/** Flow where a line crosses pipes that lose loss·q² (m³/h); the pump's own curve ends it. */
export function flowOnPipes_m3h(line: HeadLine, curve: FullCurve, loss: number): number {
  const over = (flow: number) => lineHead_m(line, curve, flow) - loss * flow * flow;
  let [low, high] = [0, noHeadFlow_m3h(curve)];
  if (over(0) <= 0) return 0;
  // the line less the pipes falls from above nil to below it
  for (let i = 0; i < BISECTIONS; i++) {
    const middle = (low + high) / 2;
    if (over(middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
const BISECTIONS = 60;

/** Flow at which full speed gives no head any more, m³/h. */
export function noHeadFlow_m3h({ closed_m, rise, fall }: FullCurve): number {
  return (rise + Math.sqrt(rise * rise + 4 * fall * closed_m)) / (2 * fall);
}

/** A point of a pump's curve at full speed. */
export interface CurvePoint {
  readonly flow_m3h: number;
  readonly head_m: number;
}

/** From this many points on a rise may be fitted; fewer would only follow their errors. */
const POINTS_FOR_RISE = 4;
/** A fit with a rise must leave less than this share of what a fit without one leaves. */
const RISE_EARNS = 0.5;

/**
 * Fits H = H0 + b·q − a·q² to points at full speed; b stays nil unless four points or more demand it. Throws an InputError on `curve`
 * where the points do not make a curve that falls.
 */
export function fitFullCurve(points: readonly CurvePoint[]): FullCurve {
  const flows = new Set(points.map(({ flow_m3h }) => flow_m3h));
  if (flows.size < 2)
    throw new InputError('curve', 'Enter two points of the curve at least, at different flows.');
  const falls = ({ fall, closed_m }: FullCurve) => fall > 0 && closed_m > 0;
  const plain = fitted(points, false);
  const others = flows.size >= POINTS_FOR_RISE ? [fitted(points, true), straight(points)].filter(falls) : [];
  const best = others.reduce(
    (least, one) => (residue(points, one) < RISE_EARNS * residue(points, least) - 1e-12 ? one : least),
    plain,
  );
  if (!falls(best)) throw new InputError('curve', 'The head must fall as the flow grows: check the points.');
  const off = Math.max(...points.map((point) => Math.abs(curveAt(best, point.flow_m3h) - point.head_m)));
  if (off > OFF_SHARE * best.closed_m)
    throw new InputError(
      'curve',
      `The points do not lie on one curve: one is ${off.toFixed(1)} m beside it. Check them.`,
    );
  return best;
}

/** A point this far beside the fit, as a share of the head at no flow, is a slip of the pen. */
const OFF_SHARE = 0.2;
/** A curve that is straight, or hollow, falls by this share of its head at the greatest flow more than a straight one. */
const BENT_SHARE = 0.02;

/** The straight line that lies best, bent by so little that its laws still hold: small pumps have such curves. */
function straight(points: readonly CurvePoint[]): FullCurve {
  const count = points.length;
  const mean = (of: (point: CurvePoint) => number) =>
    points.reduce((sum, point) => sum + of(point), 0) / count;
  const most = Math.max(...points.map(({ flow_m3h }) => flow_m3h));
  const top = Math.max(...points.map(({ head_m }) => head_m));
  const fall = (BENT_SHARE * top) / (most * most);
  const raised = ({ flow_m3h, head_m }: CurvePoint) => head_m + fall * flow_m3h * flow_m3h;
  const [flow, head] = [mean(({ flow_m3h }) => flow_m3h), mean(raised)];
  const spread = points.reduce((sum, { flow_m3h }) => sum + (flow_m3h - flow) ** 2, 0);
  const rise =
    points.reduce((sum, point) => sum + (point.flow_m3h - flow) * (raised(point) - head), 0) / spread;
  return { closed_m: head - rise * flow, rise, fall };
}

const curveAt = ({ closed_m, rise, fall }: FullCurve, q: number) => closed_m + rise * q - fall * q * q;

function residue(points: readonly CurvePoint[], { closed_m, rise, fall }: FullCurve): number {
  return points.reduce(
    (sum, { flow_m3h: q, head_m }) => sum + (closed_m + rise * q - fall * q * q - head_m) ** 2,
    0,
  );
}

/** Least squares over 1, −q² and, where asked, q: the normal equations, solved by elimination. */
function fitted(points: readonly CurvePoint[], rises: boolean): FullCurve {
  const basis = (q: number) => (rises ? [1, -q * q, q] : [1, -q * q]);
  const n = rises ? 3 : 2;
  const rows = Array.from({ length: n }, (_, i) => [
    ...Array.from({ length: n }, (__, j) =>
      points.reduce((sum, { flow_m3h }) => sum + basis(flow_m3h)[i] * basis(flow_m3h)[j], 0),
    ),
    points.reduce((sum, { flow_m3h, head_m }) => sum + basis(flow_m3h)[i] * head_m, 0),
  ]);
  for (let i = 0; i < n; i++) {
    for (let k = i + 1; k < n; k++) {
      const factor = rows[k][i] / rows[i][i];
      for (let j = i; j <= n; j++) rows[k][j] -= factor * rows[i][j];
    }
  }
  const solved = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    const known = solved.reduce((sum, value, j) => (j > i ? sum + rows[i][j] * value : sum), 0);
    solved[i] = (rows[i][n] - known) / rows[i][i];
  }
  return { closed_m: solved[0], fall: solved[1], rise: solved[2] ?? 0 };
}

/** Power over flow at full speed, fitted to points; one point alone is taken for every flow. Throws an InputError on `power`. */
export function fitFullPower(
  points: readonly { readonly flow_m3h: number; readonly power_W: number }[],
): FullPower {
  if (points.length === 0) throw new InputError('power', 'Enter the power at one flow at least.');
  const mean = (of: (point: (typeof points)[number]) => number) =>
    points.reduce((sum, point) => sum + of(point), 0) / points.length;
  const [flow, power] = [mean((p) => p.flow_m3h), mean((p) => p.power_W)];
  const spread = points.reduce((sum, p) => sum + (p.flow_m3h - flow) ** 2, 0);
  const perFlow =
    spread < 1e-12
      ? 0
      : points.reduce((sum, p) => sum + (p.flow_m3h - flow) * (p.power_W - power), 0) / spread;
  const atNoFlow_W = power - perFlow * flow;
  if (atNoFlow_W <= 0)
    throw new InputError('power', 'By these points it takes no power at no flow: check them.');
  return { atNoFlow_W, perFlow };
}
