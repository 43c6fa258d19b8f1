/**
 * Nearest value a controller can take: steps counted from `origin`. Halves go up. The result is cleaned of binary
 * dust, so that 0.1 + 0.2 comes out as 0.3.
 */
export function roundToStep(value: number, step: number, origin = 0): number {
  const steps = Math.round((value - origin) / step);
  return Number((origin + steps * step).toPrecision(12));
}
