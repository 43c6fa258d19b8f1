/** The rates a stroke pump can run at, in strokes/min. */
export interface StrokeLimits {
  /** below this it stops */
  readonly least_spm: number;
  /** above this it cannot go */
  readonly greatest_spm: number;
}

/**
 * The rate a stroke pump runs at when asked for `rate_spm`: nearest whole stroke, no faster than its greatest rate,
 * and stopped when that is below its least.
 */
export function wholeStrokes(rate_spm: number, limits: StrokeLimits): number {
  const whole = Math.round(Math.min(rate_spm, limits.greatest_spm));
  return whole < limits.least_spm || whole <= 0 ? 0 : whole;
}
