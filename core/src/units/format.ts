import { displayUnit, toDisplay } from './convert';
import { rowOf } from './quantities';
import type { Figure, Quantity, UnitSystem } from './quantity';

/** How the reader wants figures: which units, and which decimal mark. */
export interface Reader {
  readonly system: UnitSystem;
  readonly decimal: '.' | ',';
  /** a second system to show small beside the first */
  readonly also?: UnitSystem;
}

export const METRIC: Reader = { system: 'metric', decimal: '.' };

function decimalsOf(q: Quantity, shown: number): number {
  const { decimals, small = decimals } = rowOf(q);
  return Math.min(Math.abs(shown) < 1 ? small : decimals, decimalsLeft(shown));
}

/** A bare number with at most `decimals` decimals and no trailing zeros. */
export function formatNumber(value: number, decimals: number, decimal: '.' | ','): string {
  if (!Number.isFinite(value)) return '–';
  const fixed = value.toFixed(decimals);
  const trimmed = fixed.includes('.') ? fixed.replace(/\.?0+$/, '') : fixed;
  const signed = trimmed === '-0' ? '0' : trimmed.replace('-', '−');
  return decimal === ',' ? signed.replace('.', ',') : signed;
}

/** Four figures are all that any instrument of the trade is worth: large numbers lose their decimals. */
function decimalsLeft(value: number): number {
  const size = Math.abs(value);
  const whole = size < 1 ? 0 : Math.floor(Math.log10(size)) + 1;
  return Math.max(0, 4 - whole);
}

/** The number alone, in the reader's unit. */
export function figureNumber(figure: Figure, reader: Reader): string {
  const shown = toDisplay(figure.q, figure.v, reader.system);
  return formatNumber(shown, decimalsOf(figure.q, shown), reader.decimal);
}

/** Number and unit, parted by a space that does not break; with the other system behind it where both are wanted. */
export function figureWithUnit(figure: Figure, reader: Reader): string {
  const first = inSystem(figure, reader);
  if (!reader.also || displayUnit(figure.q, reader.also) === displayUnit(figure.q, reader.system))
    return first;
  return `${first} (${inSystem(figure, { ...reader, system: reader.also })})`;
}

function inSystem(figure: Figure, reader: Reader): string {
  return `${figureNumber(figure, reader)}\u00a0${displayUnit(figure.q, reader.system)}`.trimEnd();
}
