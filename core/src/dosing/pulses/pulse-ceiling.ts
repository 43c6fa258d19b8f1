import { requirePositive } from '../../input';
import { pulseRate_ppm } from './pulse-ratio';

export interface CeilingPicture {
  readonly pulses_ppm: number;
  readonly needed_spm: number;
  /** share of the dose that is lost (or late) at this water flow: 1 − ceiling/needed, 0 while the ceiling is clear */
  readonly lostShare: number;
  /** water flow at which the strokes reach the ceiling, m³/h */
  readonly onset_m3h: number;
}

/**
 * What a ceiling rate does to pulses: p = 1000·Q/(60·K), strokes = p·(strokes a pulse), the share above the ceiling is
 * lost, or given later where the controller stores pulses. All figures must be above zero.
 */
export function ceilingPicture(
  water_m3h: number,
  litresPerPulse: number,
  strokesEachPulse: number,
  ceiling_spm: number,
): CeilingPicture {
  requirePositive('water_max_m3h', water_m3h, 'The water flow');
  requirePositive('strokes_per_pulse', strokesEachPulse, 'Strokes for each pulse');
  requirePositive('ceiling_spm', ceiling_spm, 'The ceiling rate');
  const pulses_ppm = pulseRate_ppm(water_m3h, litresPerPulse);
  const needed_spm = pulses_ppm * strokesEachPulse;
  return {
    pulses_ppm,
    needed_spm,
    lostShare: Math.max(0, 1 - ceiling_spm / needed_spm),
    onset_m3h: (ceiling_spm / strokesEachPulse) * 0.06 * litresPerPulse,
  };
}
