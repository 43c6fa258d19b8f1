import { fig, figureWithUnit, presentReader, type Quantity } from '../units';
import type { HandoverFact } from '../visit';

/** A figure with its unit, in the units of whoever reads now. */
export const shown = (q: Quantity, value: number): string => figureWithUnit(fig(q, value), presentReader());

/** A reading on arrival: its field in the record, what it is called, and what was read; null where nothing was. */
export type ArrivalReading = readonly [field: string, name: string, q: Quantity, value: number | null];

/** Readings on arrival in words, with why any could not be taken. None are given where nobody took them. */
export function arrivalFacts(
  taken: { readonly unreadable: Readonly<Record<string, string>> } | null,
  readings: readonly ArrivalReading[],
): HandoverFact[] {
  if (!taken) return [{ label: 'On arrival', words: 'no readings were taken' }];
  const words = readings.flatMap(([field, name, q, value]) =>
    value !== null
      ? [`${name} ${shown(q, value)}`]
      : Object.hasOwn(taken.unreadable, field)
        ? [`${name} not read (${taken.unreadable[field].trim().replace(/\.+$/, '')})`]
        : [],
  );
  return words.length === 0 ? [] : [{ label: 'On arrival', words: words.join(', ') }];
}
