import { InputError } from '../input';
import { fitPower, powerAt_W, type PowerLaw } from './affinity';
import { crossing_m3h, fitCurve, speedAtCrossing_rpm, systemThrough } from './crossing';

/** One point of a pump at work: what it moves and takes at a speed, and its head where that is known. */
export interface WorkPoint {
  readonly speed_rpm: number;
  readonly flow_m3h: number;
  readonly power_W: number;
  readonly head_m: number | null;
}

/** Speed, flow and power of a pump on its pipework, as its points tell. */
export interface PumpOnSystem {
  readonly law: PowerLaw;
  /** flow at a speed, m³/h; into pipes that lift nothing unless a static lift is given */
  flow_m3h(speed_rpm: number, static_m?: number): number;
  power_W(speed_rpm: number): number;
  /** speed that gives a flow, rev/min */
  speedFor_rpm(flow_m3h: number, static_m?: number): number;
}

/** Points with less of the greatest flow for each turn than this were throttled: they tell the pump's curve, not the pipes. */
const THROTTLED_BELOW = 0.9;

function onSystem(points: readonly WorkPoint[]): readonly WorkPoint[] {
  const most = Math.max(...points.map(({ flow_m3h, speed_rpm }) => flow_m3h / speed_rpm));
  return points.filter(({ flow_m3h, speed_rpm }) => flow_m3h / speed_rpm >= most * THROTTLED_BELOW);
}

/** The points that were taken against a throttled pipework, by their place in the list: they shape the pump's curve alone. */
export function throttledPoints(points: readonly WorkPoint[]): number[] {
  const used = new Set(onSystem(points));
  return points.flatMap((point, i) => (used.has(point) ? [] : [i]));
}

/** A speed this much beyond the measured ones is reckoned, not measured. */
const BEYOND_MEASURED = 0.05;
/** However slowly it turns, a motor and its drive take this share of what they took at the slowest measured point. */
const POWER_FLOOR = 0.1;

/** The speeds that points were taken at. */
export function speedsOf(points: readonly WorkPoint[]): {
  least_rpm: number;
  greatest_rpm: number;
} {
  const speeds = points.map(({ speed_rpm }) => speed_rpm);
  return { least_rpm: Math.min(...speeds), greatest_rpm: Math.max(...speeds) };
}

/** True of a speed outside what was measured: flow and power there are extrapolated. */
export function isBeyond(points: readonly WorkPoint[], speed_rpm: number): boolean {
  const { least_rpm, greatest_rpm } = speedsOf(points);
  return speed_rpm < least_rpm * (1 - BEYOND_MEASURED) || speed_rpm > greatest_rpm * (1 + BEYOND_MEASURED);
}

/**
 * A pump as its points tell. Without lift flow ∝ speed, fitted through the points; with lift the pump's curve and the
 * system's are crossed, the lift on top of what the pipes of the points lose. A lifted circuit's own pipes lose more: its flow is
 * proved at the pump. `share` is what the pipes let through of the flow of the points: a dirty filter leaves less. Throws an InputError on `points` for points that cannot be fitted.
 */
export function pumpOnPipes(points: readonly WorkPoint[], share: number): PumpOnSystem {
  const flowing = onSystem(points);
  const law = fitPower(flowing.map(({ speed_rpm, power_W }): [number, number] => [speed_rpm, power_W]));
  // least squares through the origin: each point counts by its speed
  const perTurn =
    flowing.reduce((sum, { speed_rpm, flow_m3h }) => sum + speed_rpm * flow_m3h, 0) /
    flowing.reduce((sum, { speed_rpm }) => sum + speed_rpm * speed_rpm, 0);
  const slowest = flowing.reduce((a, b) => (b.speed_rpm < a.speed_rpm ? b : a));
  const floor_W = POWER_FLOOR * powerAt_W(law, slowest.speed_rpm);
  const lifted = (static_m: number) => {
    const heads = points.map(({ speed_rpm, flow_m3h, head_m }) => ({
      speed_rpm,
      flow_m3h,
      head_m: head_m ?? NaN,
    }));
    if (heads.some(({ head_m }) => Number.isNaN(head_m))) {
      throw new InputError('points', 'A circuit lifts water: enter the head at each point.');
    }
    const top = heads.reduce((best, point) => (point.flow_m3h > best.flow_m3h ? point : best));
    // the points were taken without the lift: it comes on top of what their pipes lose
    return { pump: fitCurve(heads, top.speed_rpm), system: { ...systemThrough(top, 0), static_m } };
  };
  return {
    law,
    power_W: (speed_rpm) => Math.max(floor_W, powerAt_W(law, speed_rpm)),
    flow_m3h: (speed_rpm, static_m = 0) => {
      if (static_m === 0) return perTurn * speed_rpm * share;
      const { pump, system } = lifted(static_m);
      return crossing_m3h(pump, system, speed_rpm) * share;
    },
    speedFor_rpm: (flow_m3h, static_m = 0) => {
      if (static_m === 0) return flow_m3h / share / perTurn;
      const { pump, system } = lifted(static_m);
      return speedAtCrossing_rpm(pump, system, flow_m3h / share);
    },
  };
}
