import { InputError, requireFinite } from '../input';

/** What a controller does with a signal below its lower point: keep the end value, or stop. */
export type BelowFirstPoint = 'hold' | 'stop';

/**
 * The line by which a controller turns its analog signal into a rate: through (x1, y1) and (x2, y2).
 * x in mA; y in whatever the controller is set in (strokes/min or L/h). The points may stand in either order;
 * y1 above y2 makes it falling. Above the upper point the end value is held.
 */
export interface TwoPointMap {
  readonly x1_mA: number;
  readonly y1: number;
  readonly x2_mA: number;
  readonly y2: number;
  readonly below: BelowFirstPoint;
}

/** The same line with the point of the lower current first. */
export function inOrder(map: TwoPointMap): TwoPointMap {
  if (map.x1_mA <= map.x2_mA) return map;
  return { x1_mA: map.x2_mA, y1: map.y2, x2_mA: map.x1_mA, y2: map.y1, below: map.below };
}

/** Change of y for each mA. Throws an InputError when both points stand at one current. */
export function slope(map: TwoPointMap): number {
  if (map.x1_mA === map.x2_mA) {
    throw new InputError('x2', 'The two points have the same current: no line goes through them.');
  }
  return (map.y2 - map.y1) / (map.x2_mA - map.x1_mA);
}

/**
 * y at a current: y = y1 + (x − x1)(y2 − y1)/(x2 − x1) between the points; the end value above the upper point;
 * the end value or 0 below the lower one. Any finite current is accepted, negative ones as "below".
 */
export function valueAt(map: TwoPointMap, x_mA: number): number {
  requireFinite('x_mA', x_mA, 'The current');
  const { x1_mA, y1, x2_mA, y2, below } = inOrder(map);
  const gradient = slope(map);
  if (x_mA < x1_mA) return below === 'stop' ? 0 : y1;
  if (x_mA >= x2_mA) return y2;
  return y1 + (x_mA - x1_mA) * gradient;
}

/**
 * The current at which the line reaches y, or null where it never does (outside both points, or a flat line).
 * Inverse of `valueAt` between the points.
 */
export function currentFor(map: TwoPointMap, y: number): number | null {
  const gradient = slope(map);
  if (gradient === 0) return null;
  const x = map.x1_mA + (y - map.y1) / gradient;
  const { x1_mA, x2_mA } = inOrder(map);
  const slack = 1e-9;
  return x >= x1_mA - slack && x <= x2_mA + slack ? x : null;
}

/** True when y falls as the current rises. */
export function isFalling(map: TwoPointMap): boolean {
  const { y1, y2 } = inOrder(map);
  return y1 > y2;
}
