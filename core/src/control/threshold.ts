/**
 * A switch with two thresholds, which keeps its state between them (hysteresis). Plain comparisons and nothing allocated: a check and
 * the bench's loop share them. A threshold that is NaN is never reached.
 */

/** On from `starts` upwards, off again below `stops`; between them it stays as it is. */
export function onAbove(on: boolean, value: number, starts: number, stops: number): boolean {
  return value >= (on ? stops : starts);
}

/** On below `starts`, off again from `stops` upwards; between them it stays as it is. */
export function onBelow(on: boolean, value: number, starts: number, stops: number): boolean {
  return value < (on ? stops : starts);
}
