import { InputError, requirePositive } from '../input';

/** One measured point of a pump on its own system. */
export interface FlowPoint {
  readonly speed_rpm: number;
  readonly flow_m3h: number;
  readonly power_W: number;
}

/** Power over speed: power = scale_W · speed^exponent. */
export interface PowerLaw {
  readonly exponent: number;
  /** power at 1 rev/min, W */
  readonly scale_W: number;
}

/** With one point alone nothing can be fitted: friction alone gives the cube. */
export const EXPONENT_OF_FRICTION = 3;

/**
 * Fits power ∝ speed^k to points of [speed in rev/min, power in W], by least squares on logarithms. One point takes the
 * cube; points at one speed alone, or figures not above zero, throw an InputError on `points`.
 */
export function fitPower(points: readonly (readonly [number, number])[]): PowerLaw {
  if (points.length === 0) throw new InputError('points', 'Enter at least one point.');
  for (const [speed, power] of points) {
    requirePositive('points', speed, 'Each speed');
    requirePositive('points', power, 'Each power');
  }
  const logs = points.map(([speed, power]) => [Math.log(speed), Math.log(power)] as const);
  const meanSpeed = mean(logs.map(([x]) => x));
  const meanPower = mean(logs.map(([, y]) => y));
  const spread = logs.reduce((sum, [x]) => sum + (x - meanSpeed) ** 2, 0);
  if (points.length > 1 && spread < 1e-12) {
    throw new InputError('points', 'All points are at one speed: measure at a second speed.');
  }
  const exponent =
    points.length === 1
      ? EXPONENT_OF_FRICTION
      : logs.reduce((sum, [x, y]) => sum + (x - meanSpeed) * (y - meanPower), 0) / spread;
  return { exponent, scale_W: Math.exp(meanPower - exponent * meanSpeed) };
}

/** Power at a speed by a fitted law, W. */
export function powerAt_W(law: PowerLaw, speed_rpm: number): number {
  return law.scale_W * speed_rpm ** law.exponent;
}

/** The law of one point with a known exponent. */
export function lawThrough(point: FlowPoint, exponent: number): PowerLaw {
  return { exponent, scale_W: point.power_W / point.speed_rpm ** exponent };
}

/** Flow at a speed, m³/h: in proportion, which holds where friction alone resists (no static lift). */
export function flowAt_m3h(point: FlowPoint, speed_rpm: number): number {
  return (point.flow_m3h * speed_rpm) / point.speed_rpm;
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}
