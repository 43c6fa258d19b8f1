import { InputError, requireNotNegative, requirePositive } from '../../input';

/** A calibration at a pressure: mL a stroke at bar. */
export interface StrokeAtPressure {
  readonly stroke_mL: number;
  readonly pressure_bar: number;
}

/**
 * Loss of stroke volume with back pressure, as a share for each bar, from two calibrations:
 * k = (va − vb)/(va·pb − vb·pa). Throws an InputError when both were made at one pressure.
 */
export function lossPerBar(a: StrokeAtPressure, b: StrokeAtPressure): number {
  requirePositive('stroke_ml', a.stroke_mL, 'The stroke volume');
  requirePositive('stroke_ml', b.stroke_mL, 'The stroke volume');
  if (a.pressure_bar === b.pressure_bar) {
    throw new InputError(
      'pressure_bar',
      'Both calibrations were made at one pressure: throttle for the second.',
    );
  }
  return (a.stroke_mL - b.stroke_mL) / (a.stroke_mL * b.pressure_bar - b.stroke_mL * a.pressure_bar);
}

/** Stroke volume at a back pressure: v(p) = v0·(1 − k·p), never below zero. */
export function strokeAtPressure_mL(stroke_mL: number, lossPer_bar: number, pressure_bar: number): number {
  return Math.max(0, stroke_mL * (1 - lossPer_bar * pressure_bar));
}

export interface CompensationPicture {
  readonly stroke_mL: number;
  /** rate that gives the flow at this pressure; Infinity where no stroke is left */
  readonly rate_spm: number;
  /** pressure at which the greatest rate is reached; null when that is above the rated pressure */
  readonly limit_bar: number | null;
  /** share of the flow that is left at this pressure without compensation */
  readonly uncompensatedShare: number;
}

/**
 * Pressure compensation: n = q/(0.06·v(p)) until the greatest rate is reached. Pressures in bar above ambient.
 */
export function compensation(input: {
  readonly stroke_mL: number;
  readonly lossPer_bar: number;
  readonly pressure_bar: number;
  readonly flow_lph: number;
  readonly greatest_spm: number;
  readonly rated_bar: number;
}): CompensationPicture {
  requirePositive('stroke_ml', input.stroke_mL, 'The stroke volume');
  requireNotNegative('loss_per_bar', input.lossPer_bar, 'The loss for each bar');
  requireNotNegative('pressure_bar', input.pressure_bar, 'The pressure');
  requirePositive('flow_lph', input.flow_lph, 'The flow');
  requirePositive('max_spm', input.greatest_spm, 'The maximum rate');
  requirePositive('rated_bar', input.rated_bar, 'The rated pressure');
  const stroke_mL = strokeAtPressure_mL(input.stroke_mL, input.lossPer_bar, input.pressure_bar);
  const leastStroke_mL = input.flow_lph / (0.06 * input.greatest_spm);
  const limit =
    input.lossPer_bar === 0
      ? leastStroke_mL <= input.stroke_mL
        ? Infinity
        : 0
      : (1 - leastStroke_mL / input.stroke_mL) / input.lossPer_bar;
  return {
    stroke_mL,
    rate_spm: stroke_mL === 0 ? Infinity : input.flow_lph / (0.06 * stroke_mL),
    limit_bar: limit > input.rated_bar ? null : Math.max(0, limit),
    uncompensatedShare: stroke_mL / input.stroke_mL,
  };
}
