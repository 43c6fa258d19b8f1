import type { BrokenWireWatch, TwoPointMap } from '../signal';
import { responseAt, type Response } from './response';
import type { StrokeLimits } from './whole-strokes';

/** The points at which an analog signal is proved: five over the range, then the ends. */
export const PROOF_POINTS_mA = [4, 8, 12, 16, 20] as const;
export const END_POINTS_mA = [0, 3.5, 21] as const;

export interface ExpectedValue extends Response {
  readonly x_mA: number;
}

/** What the pump must do at each current of a list, in the order given. */
export function expectedValues(
  map: TwoPointMap,
  watch: BrokenWireWatch | null,
  limits: StrokeLimits,
  points_mA: readonly number[],
): ExpectedValue[] {
  return points_mA.map((x_mA) => ({ x_mA, ...responseAt(map, watch, limits, x_mA) }));
}
