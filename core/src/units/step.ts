/**
 * Nearest value a controller can take: steps counted from `origin`. Halves go up. The result is cleaned of binary
 * dust, so that 0.1 + 0.2 comes out as 0.3.
 */
export function roundToStep(value: number, step: number, origin = 0): number {
  const steps = Math.round((value - origin) / step);
  return Number((origin + steps * step).toPrecision(12));
}

/** The next value up that a controller can take; a value that lies on a step but for binary dust stays. */
export function roundUpToStep(value: number, step: number): number {
  return Number((Math.ceil(value / step - 1e-9) * step).toPrecision(12));
}

/** The next value down that a controller can take. */
export function roundDownToStep(value: number, step: number): number {
  return -roundUpToStep(-value, step);
}
