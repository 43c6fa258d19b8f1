import type { PoolDuty } from '../wire/duty';
import { totalVolume_m3 } from './hydraulics';

/** What is to be added to the salt of the water. */
export interface SaltToAdd {
  readonly volume_m3: number;
  readonly to_gl: number;
  readonly greatest_gl: number;
  /** nil where there is enough */
  readonly add_kg: number;
  /** more is in it than the maker wants: only fresh water takes it down */
  readonly above: boolean;
}

/**
 * Salt up to the middle of what the cell's maker wants, kg: (target − measured) in g/L times the water in m³; none while it lies within.
 * Null where nobody said what the maker wants.
 */
export function saltToAdd(duty: PoolDuty, measured_gl: number): SaltToAdd | null {
  const salt = duty.chlorinator?.salt;
  if (!salt) return null;
  const volume_m3 = totalVolume_m3(duty);
  const to_gl = (salt.least_gl + salt.greatest_gl) / 2;
  return {
    volume_m3,
    to_gl,
    greatest_gl: salt.greatest_gl,
    add_kg: measured_gl < salt.least_gl ? (to_gl - measured_gl) * volume_m3 : 0,
    above: measured_gl > salt.greatest_gl,
  };
}
