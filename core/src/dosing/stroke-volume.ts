import { requirePositive } from '../input';

/** Working range of the stroke length: outside it accuracy and gas clearing suffer. */
export const STROKE_LENGTH_LEAST_PCT = 30;
export const STROKE_LENGTH_GREATEST_PCT = 100;
/** A stroke length moved by more than this since a measurement voids the measurement. */
export const STROKE_LENGTH_MOVED_PCT = 2;

/**
 * What is known of a pump's stroke: the volume at full length, and whether it was measured. A measured figure holds
 * at the stroke length it was measured at only.
 */
export interface StrokeVolumeBasis {
  /** mL at full stroke length; from the plate, or worked back from a measurement */
  readonly full_mL: number;
  readonly basis: 'plate' | 'measured';
  /** stroke length of the measurement, per cent */
  readonly atLength_pct?: number;
}

/** Stroke volume in mL at a stroke length: v = v100·L/100, linear only roughly. */
export function strokeVolume_mL(full_mL: number, length_pct: number): number {
  requirePositive('stroke_mL', full_mL, 'The stroke volume at full length');
  requirePositive('length_pct', length_pct, 'The stroke length');
  return (full_mL * length_pct) / 100;
}
