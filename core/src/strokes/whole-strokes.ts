/** The rates a stroke pump can run at, in strokes/min. */
export interface StrokeLimits {
  /** below this it stops */
  readonly least_spm: number;
  /** above this it cannot go */
  readonly greatest_spm: number;
  /** smallest step of its rate; 1 for a pump that makes whole strokes, less for one that is set in flow */
  readonly step_spm?: number;
}

/**
 * The rate a pump runs at when asked for `rate_spm`: nearest whole stroke (or step of its smooth drive), no faster than
 * its greatest rate, and stopped when that is below its least.
 */
export function wholeStrokes(rate_spm: number, limits: StrokeLimits): number {
  const step = limits.step_spm ?? 1;
  const whole = Math.round(Math.min(rate_spm, limits.greatest_spm) / step) * step;
  return whole < limits.least_spm || whole <= 0 ? 0 : whole;
}
