import { inOrder, valueAt, type BrokenWireWatch, type TwoPointMap } from '../signal';
import { wholeStrokes, type StrokeLimits } from './whole-strokes';

/** Why the pump runs at the rate it does. */
export type ResponseCause = 'line' | 'below-first-point' | 'above-second-point' | 'broken-wire';

export interface Response {
  /** strokes/min, whole, after the pump's least and greatest rate */
  readonly rate_spm: number;
  readonly cause: ResponseCause;
  /** strokes/min that the line itself asks for, before rounding and limits */
  readonly asked_spm: number;
}

/**
 * What a stroke pump does at a current: broken-wire limits first, then the line, then whole strokes and the
 * rates it can run at. A broken wire that *holds* keeps the line's end value on that side.
 */
export function responseAt(
  map: TwoPointMap,
  watch: BrokenWireWatch | null,
  limits: StrokeLimits,
  x_mA: number,
): Response {
  const asked = valueAt(map, x_mA);
  const line = inOrder(map);
  if (watch && isBroken(watch, x_mA)) {
    const held = x_mA < line.x1_mA ? line.y1 : asked;
    const rate = watch.reaction === 'stop' ? 0 : wholeStrokes(held, limits);
    return { rate_spm: rate, cause: 'broken-wire', asked_spm: watch.reaction === 'stop' ? 0 : held };
  }
  const cause: ResponseCause =
    x_mA < line.x1_mA ? 'below-first-point' : x_mA > line.x2_mA ? 'above-second-point' : 'line';
  return { rate_spm: wholeStrokes(asked, limits), cause, asked_spm: asked };
}

function isBroken(watch: BrokenWireWatch, x_mA: number): boolean {
  return (watch.low_mA !== null && x_mA <= watch.low_mA) || (watch.high_mA !== null && x_mA >= watch.high_mA);
}
