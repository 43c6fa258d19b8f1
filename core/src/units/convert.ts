import { rowOf } from './quantities';
import type { Quantity, UnitSystem } from './quantity';

/** The unit a quantity is shown in. */
export function displayUnit(q: Quantity, system: UnitSystem): string {
  return (system === 'us' ? rowOf(q).us?.unit : undefined) ?? rowOf(q).unit;
}

/** A value in the internal unit → the shown unit. */
export function toDisplay(q: Quantity, value: number, system: UnitSystem): number {
  return (system === 'us' ? rowOf(q).us?.to(value) : undefined) ?? value;
}

/** A value in the shown unit → the internal unit. Inverse of `toDisplay`. */
export function fromDisplay(q: Quantity, value: number, system: UnitSystem): number {
  return (system === 'us' ? rowOf(q).us?.from(value) : undefined) ?? value;
}

/** What a pasted unit is worth in the internal unit, or undefined when it is none of this quantity's. */
export function spelledUnit(q: Quantity, spelling: string): number | undefined {
  const { spelled } = rowOf(q);
  const key = spelling.toLowerCase().replace(/\s+/g, '');
  return Object.hasOwn(spelled, key) ? spelled[key] : undefined;
}

/** Where each scale of temperature has its nil, in °C. */
const ZERO_C: Readonly<Record<string, number>> = { '°f': -160 / 9, f: -160 / 9, k: -273.15 };

/** A value in a unit as it is spelled → the internal unit; undefined for a unit that is none of this quantity's. */
export function fromUnit(q: Quantity, value: number, spelling: string): number | undefined {
  const worth = spelledUnit(q, spelling);
  if (worth === undefined) return undefined;
  const zero = q === 'temperature' ? (ZERO_C[spelling.toLowerCase().trim()] ?? 0) : 0;
  return value * worth + zero;
}

/** A value in the internal unit → a unit as it is spelled. Inverse of `fromUnit`. */
export function toUnit(q: Quantity, value: number, spelling: string): number | undefined {
  const worth = spelledUnit(q, spelling);
  if (worth === undefined) return undefined;
  const zero = q === 'temperature' ? (ZERO_C[spelling.toLowerCase().trim()] ?? 0) : 0;
  return (value - zero) / worth;
}
