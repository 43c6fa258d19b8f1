import { QUANTITIES, type Quantity } from './quantities';

export type { Quantity } from './quantities';

/** The one unit that each quantity has inside the program; display converts at the edge. */
export const INTERNAL_UNIT = Object.fromEntries(
  Object.entries(QUANTITIES).map(([q, { unit }]) => [q, unit]),
) as { readonly [Q in Quantity]: string };

export type UnitSystem = 'metric' | 'us';

/** A figure with its meaning, as findings and reasons carry it. */
export interface Figure {
  readonly q: Quantity;
  readonly v: number;
}

/** Short for a figure. */
export function fig(q: Quantity, v: number): Figure {
  return { q, v };
}
