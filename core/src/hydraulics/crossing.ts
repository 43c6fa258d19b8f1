import { InputError, requireNotNegative, requirePositive } from '../input';

/** A measured point with the head at it. */
export interface HeadPoint {
  readonly speed_rpm: number;
  readonly flow_m3h: number;
  readonly head_m: number;
}

/** Flows at one speed that lie nearer together than this share lie along one line of the pipes: they tell nothing of the pump's curve. */
const CURVE_SPREAD = 0.2;

/** A pump's curve at one speed: head = shutOff_m − fall·flow². */
export interface PumpCurve {
  readonly speed_rpm: number;
  readonly shutOff_m: number;
  /** m of head lost for each (m³/h)² */
  readonly fall: number;
}

/** What a pipework asks for: head = static_m + loss·flow². */
export interface SystemCurve {
  readonly static_m: number;
  readonly loss: number;
}

/**
 * Fits head = a − b·Q² at one speed to points measured at any, brought there by the laws of similarity (flow ∝ speed,
 * head ∝ speed²). Throws an InputError on `points` where they do not make a curve that falls: it takes two flows that differ
 * after the points are brought to one speed.
 */
export function fitCurve(points: readonly HeadPoint[], speed_rpm: number): PumpCurve {
  const brought = points.map((point) => {
    requirePositive('points', point.speed_rpm, 'Each speed');
    requireNotNegative('points', point.flow_m3h, 'Each flow');
    const ratio = speed_rpm / point.speed_rpm;
    return [(point.flow_m3h * ratio) ** 2, point.head_m * ratio * ratio] as const;
  });
  const n = brought.length;
  const meanX = brought.reduce((sum, [x]) => sum + x, 0) / n;
  const meanY = brought.reduce((sum, [, y]) => sum + y, 0) / n;
  const spread = brought.reduce((sum, [x]) => sum + (x - meanX) ** 2, 0);
  const flows = brought.map(([x]) => Math.sqrt(x));
  const [least, most] = [Math.min(...flows), Math.max(...flows)];
  if (n < 2 || spread <= 1e-6 * meanX * meanX || most - least < CURVE_SPREAD * most) {
    throw new InputError(
      'points',
      `Where water is lifted, the pump’s curve is needed: two points with head whose flows at one speed differ by ${CURVE_SPREAD * 100} % or more, e.g. one nearly shut. Nearer ones guess at the shut-off head.`,
    );
  }
  const slope = brought.reduce((sum, [x, y]) => sum + (x - meanX) * (y - meanY), 0) / spread;
  if (slope >= 0) throw new InputError('points', 'The head must fall as the flow grows: check the points.');
  return { speed_rpm, shutOff_m: meanY - slope * meanX, fall: -slope };
}

/** The system through one measured point, with its static lift. Throws an InputError where the lift is above the head there. */
export function systemThrough(point: Omit<HeadPoint, 'speed_rpm'>, static_m: number): SystemCurve {
  requirePositive('points', point.flow_m3h, 'The flow');
  if (static_m >= point.head_m) {
    throw new InputError('points', 'The lift cannot be above the head that was measured while it flowed.');
  }
  return { static_m, loss: (point.head_m - static_m) / point.flow_m3h ** 2 };
}

/** Flow where pump and system curve cross at a speed, m³/h; 0 where the pump cannot lift so high. */
export function crossing_m3h(pump: PumpCurve, system: SystemCurve, speed_rpm: number): number {
  const ratio = speed_rpm / pump.speed_rpm;
  const left = pump.shutOff_m * ratio * ratio - system.static_m;
  return left <= 0 ? 0 : Math.sqrt(left / (pump.fall + system.loss));
}

/** Speed at which pump and system cross at a flow, rev/min: the inverse of `crossing_m3h`. */
export function speedAtCrossing_rpm(pump: PumpCurve, system: SystemCurve, flow_m3h: number): number {
  const head = system.static_m + (pump.fall + system.loss) * flow_m3h * flow_m3h;
  return pump.speed_rpm * Math.sqrt(head / pump.shutOff_m);
}
