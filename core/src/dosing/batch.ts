import { requirePositive } from '../input';

export interface BatchPicture {
  readonly strokes: number;
  /** (given − wanted)/wanted, from rounding to whole strokes */
  readonly error: number;
  readonly time_s: number;
  /** true when a batch is done before the next trigger can come */
  readonly fits: boolean;
}

/** A batch of whole strokes: strokes = round(V/v), at least one; time = strokes/n. Spacing: seconds between triggers. */
export function batchPicture(
  volume_mL: number,
  stroke_mL: number,
  rate_spm: number,
  spacing_s: number,
): BatchPicture {
  requirePositive('volume_ml', volume_mL, 'The volume of a batch');
  requirePositive('stroke_ml', stroke_mL, 'The stroke volume');
  requirePositive('rate_spm', rate_spm, 'The stroke rate');
  requirePositive('spacing_s', spacing_s, 'The time between triggers');
  const strokes = Math.max(1, Math.round(volume_mL / stroke_mL));
  const time_s = (strokes * 60) / rate_spm;
  return { strokes, error: (strokes * stroke_mL) / volume_mL - 1, time_s, fits: time_s <= spacing_s };
}
