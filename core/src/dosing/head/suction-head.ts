import { InputError, requireFinite, requireNotNegative, requirePositive } from '../../input';

const G_ms2 = 9.81;
/** Acceleration factors of the usual rule for reciprocating pumps: one single-acting head, a water-like liquid. */
const HEAD_FACTOR = 0.4;
const LIQUID_FACTOR = 1.5;
/** Metres by which the head that is there must exceed the head that is needed. */
export const NPSH_MARGIN_m = 1;
/** Needed head taken when the manual's figure is not known; it is said so. */
export const NPSH_NEEDED_UNKNOWN_m = 2;
/** Air pressure at sea level, bar. */
export const AIR_bar = 1.013;

export interface SuctionInput {
  /** pressure on the liquid in the tank, bar absolute */
  readonly tank_bar: number;
  readonly vapour_bar: number;
  readonly density_kgm3: number;
  /** level of the liquid above the pump, m; negative for a lift */
  readonly level_m: number;
  readonly friction_m: number;
  readonly pipe_m: number;
  /** mean velocity in the suction pipe, m/s */
  readonly velocity_ms: number;
  /** strokes/min as the suction stroke's own speed would give */
  readonly rate_spm: number;
  /** share to which slow suction lowers rate and velocity together; 1 without */
  readonly slowShare: number;
}

export interface SuctionPicture {
  readonly acceleration_m: number;
  readonly available_m: number;
}

/**
 * NPSHa = (p_tank − p_vapour)/(ρg) + z − h_friction − h_acc, with h_acc = ℓ·w·N·Cp/(K·g): the usual rule for
 * reciprocating pumps. Absolute pressures; the answer may be negative.
 */
export function suctionHead(input: SuctionInput): SuctionPicture {
  requirePositive('density_kgm3', input.density_kgm3, 'The density');
  requireNotNegative('friction_m', input.friction_m, 'The friction loss');
  requireNotNegative('pipe_m', input.pipe_m, 'The length of the suction pipe');
  requireNotNegative('velocity_ms', input.velocity_ms, 'The velocity');
  requireNotNegative('strokes_per_min', input.rate_spm, 'The stroke rate');
  requireFinite('level_m', input.level_m, 'The level');
  requireNotNegative('vapour_bar', input.vapour_bar, 'The vapour pressure');
  requirePositive('tank_bar', input.tank_bar, 'The pressure on the tank');
  if (!(input.slowShare > 0 && input.slowShare <= 1)) {
    throw new InputError('slow_share', 'The share of slow suction must be above 0 and at most 1.');
  }
  const { slowShare } = input;
  const acceleration_m =
    (input.pipe_m * input.velocity_ms * slowShare * input.rate_spm * slowShare * HEAD_FACTOR) /
    (LIQUID_FACTOR * G_ms2);
  const pressure_m = ((input.tank_bar - input.vapour_bar) * 1e5) / (input.density_kgm3 * G_ms2);
  return {
    acceleration_m,
    available_m: pressure_m + input.level_m - input.friction_m - acceleration_m,
  };
}

/** Mean velocity in the suction pipe, m/s: w = v·10⁻⁶·N/(60·A), v in mL, bore in mm. */
export function suctionVelocity_ms(stroke_mL: number, rate_spm: number, bore_mm: number): number {
  requirePositive('bore_mm', bore_mm, 'The bore of the suction pipe');
  const area_m2 = (Math.PI * (bore_mm / 1000) ** 2) / 4;
  return (stroke_mL * 1e-6 * rate_spm) / (60 * area_m2);
}
