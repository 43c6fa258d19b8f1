import { requirePositive } from '../../input';

export interface GasPicture {
  /** greatest pressure that squeezing gas in the head reaches, bar absolute */
  readonly reach_bar: number;
  readonly clears: boolean;
}

/**
 * Whether a head full of gas can push it out: p_suction·(Vdead + Vstroke)/Vdead ≥ p_discharge, absolute pressures, slow
 * squeeze (so an optimistic figure: what it says cannot clear, cannot).
 */
export function gasPicture(
  suction_bar: number,
  stroke_mL: number,
  dead_mL: number,
  discharge_bar: number,
): GasPicture {
  requirePositive('suction_bar_abs', suction_bar, 'The suction pressure');
  requirePositive('stroke_ml', stroke_mL, 'The stroke volume');
  requirePositive('dead_ml', dead_mL, 'The dead volume');
  requirePositive('discharge_bar_abs', discharge_bar, 'The discharge pressure');
  const reach_bar = (suction_bar * (dead_mL + stroke_mL)) / dead_mL;
  return { reach_bar, clears: reach_bar >= discharge_bar * (1 - 1e-12) };
}
