import { displayUnit, toDisplay } from './convert';
import { INTERNAL_UNIT, type Quantity, type UnitSystem } from './quantity';

/** Quantities whose unit means something else too, or nothing. */
const NOT_TOLD_BY_UNIT: ReadonlySet<Quantity> = new Set(['plain', 'milliseconds']);

/** What each of the program's own units measures. */
const BY_UNIT: ReadonlyMap<string, Quantity> = new Map(
  (Object.entries(INTERNAL_UNIT) as [Quantity, string][])
    .filter(([quantity]) => !NOT_TOLD_BY_UNIT.has(quantity))
    .map(([quantity, unit]): [string, Quantity] => [unit, quantity]),
);

/** What a figure measures that stands in one of the program's own units; null for any other unit. */
export function measuredIn(unit: string): Quantity | null {
  return BY_UNIT.get(unit) ?? null;
}

/** A figure in one of the program's own units, in those of a system: `{ value, unit }`. Other units stay as they are. */
export function inSystemOf(
  value: number,
  unit: string,
  system: UnitSystem,
): { readonly value: number; readonly unit: string } {
  const quantity = measuredIn(unit);
  return quantity === null
    ? { value, unit }
    : { value: toDisplay(quantity, value, system), unit: displayUnit(quantity, system) };
}
