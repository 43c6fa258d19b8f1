import { displayUnit, toDisplay } from './convert';
import { QUANTITIES, rowOf } from './quantities';
import type { Quantity, UnitSystem } from './quantity';

/** What each of the program's own units measures. */
const BY_UNIT: ReadonlyMap<string, Quantity> = new Map(
  (Object.keys(QUANTITIES) as Quantity[])
    .filter((q) => !rowOf(q).alsoOther)
    .map((q): [string, Quantity] => [rowOf(q).unit, q]),
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
