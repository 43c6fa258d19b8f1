import { onAbove } from '../control';
import { InputError } from '../input';

/** Differences at which solar heating starts and stops, K. */
export interface SolarDifference {
  readonly start_K: number;
  readonly stop_K: number;
}

/** A stop nearer to the start than this makes it cycle, K. */
export const SOLAR_GAP_LEAST_K = 1;

/**
 * Whether solar heating runs after each reading of [roof, water] in °C, from standing: on when roof − water reaches the
 * start difference, off when it falls below the stop difference. Throws an InputError on `stop_k` when stop is not below
 * start.
 */
export function solarRunning(
  { start_K, stop_K }: SolarDifference,
  trace: readonly (readonly [number, number])[],
): boolean[] {
  if (stop_K >= start_K) throw new InputError('stop_k', 'Stop must be below start, or it never settles.');
  let running = false;
  return trace.map(([roof, water]) => {
    // 29.2 − 25 comes to 4.2, whatever the binary dust says
    const difference = Math.round((roof - water) * 1e9) / 1e9;
    running = onAbove(running, difference, start_K, stop_K);
    return running;
  });
}
