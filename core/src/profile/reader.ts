import { fromUnit, roundUpToStep, spelledUnit, toUnit, type Quantity } from '../units';
import type { Parameter } from './parameter';
import type { SettingValue } from './values';

/** What each role's figure measures; a role without one is a bare number, an option, a time of day or days. */
export type RoleQuantities = Readonly<Record<string, Quantity | undefined>>;

/** Units that have no dimension of their own: a bare number. */
const BARE: ReadonlySet<string> = new Set(['', '-']);

/** True where a parameter's own unit is one that its quantity is measured in. */
export function unitFits(parameter: Parameter, q: Quantity): boolean {
  const unit = parameter.unit ?? '';
  return BARE.has(unit) || spelledUnit(q, unit) !== undefined;
}

/**
 * A parameter's figure in the program's own unit of a quantity: the one way in which any role's figure is read. Null for what is no
 * figure, and for a unit that is none of the quantity's: it is not known then, and never taken for what it is not.
 */
export function readIn(parameter: Parameter, q: Quantity, value: SettingValue | undefined): number | null {
  if (typeof value !== 'number') return null;
  const unit = parameter.unit ?? '';
  if (BARE.has(unit)) return value;
  const read = fromUnit(q, value, unit);
  return read === undefined ? null : read;
}

/** A figure in the program's own unit as this parameter shows it; null for a unit that is none of the quantity's. Inverse of `readIn`. */
export function shownIn(parameter: Parameter, q: Quantity, value: number): number | null {
  const unit = parameter.unit ?? '';
  if (BARE.has(unit)) return value;
  const shown = toUnit(q, value, unit);
  return shown === undefined ? null : Number(shown.toPrecision(12));
}

/** The size of one step of a parameter in the program's own unit; null where it takes any figure, or its unit is none of the quantity's. */
export function stepIn(parameter: Parameter, q: Quantity): number | null {
  if (!parameter.step) return null;
  const [one, none] = [readIn(parameter, q, parameter.step), readIn(parameter, q, 0)];
  return one === null || none === null ? null : Math.abs(one - none);
}

/**
 * The least figure, in the program's own unit, that a parameter shows and that is not less than `value`: what advice to set can name. The
 * value itself where it takes any figure, or its unit is none of the quantity's.
 */
export function settableOver(parameter: Parameter | undefined, q: Quantity, value: number): number {
  const shown = parameter?.step ? shownIn(parameter, q, value) : null;
  if (!parameter?.step || shown === null) return value;
  const least = typeof parameter.least === 'number' ? parameter.least : 0;
  return readIn(parameter, q, roundUpToStep(shown - least, parameter.step) + least) ?? value;
}

/**
 * True where a parameter's display cannot tell two figures apart: they lie within half of its step, in the program's own unit. A label of
 * 10 bar is 145 psi on a display of whole steps of 5.
 */
export function alikeIn(parameter: Parameter, q: Quantity, a: number, b: number): boolean {
  const half = (stepIn(parameter, q) ?? 0) / 2;
  return Math.abs(a - b) <= Math.max(half * (1 + 1e-6), 1e-6 * Math.max(Math.abs(a), Math.abs(b)));
}

/** Quantities that a unit is taken for where a parameter has no role: those of displays, the usual one first. */
const LIKELY: readonly Quantity[] = [
  'percent',
  'current',
  'strokeRate',
  'speed',
  'pumpFlow',
  'waterFlow',
  'pressure',
  'temperature',
  'difference',
  'seconds',
  'minutes',
  'hours',
  'milliseconds',
  'strokeVolume',
  'volume',
  'power',
  'motorPower',
  'torque',
  'strength',
  'dose',
];

/** What a parameter measures: by its role, else by its unit; null where neither says. */
export function quantityOf(parameter: Parameter, roles: RoleQuantities): Quantity | null {
  const byRole = parameter.role === undefined ? undefined : roles[parameter.role];
  const unit = parameter.unit ?? '';
  if (byRole && unitFits(parameter, byRole)) return byRole;
  return LIKELY.find((q) => spelledUnit(q, unit) !== undefined) ?? null;
}

/** Words for a unit that a meaning is not measured in. */
export function wrongUnit(unit: string, like: string): string {
  return `“${unit}” is no unit of this meaning: use e.g. ${like}.`;
}
