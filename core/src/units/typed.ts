import { displayUnit, fromUnit, toUnit } from './convert';
import { figureWithUnit, METRIC, type Reader } from './format';
import { parseFigure } from './parse';
import { rowOf } from './quantities';
import { fig, INTERNAL_UNIT, type Quantity, type UnitSystem } from './quantity';

/**
 * The text of a field carries its unit where that is not the program's own: `8 gal/h`, but `30` for 30 L/h. So what is typed stays what
 * was typed, whoever reads it and in whatever units; a field shows the digits and the unit apart.
 */
export interface TypedFigure {
  readonly digits: string;
  readonly unit: string;
}

/** Units that a figure of a quantity can be typed in, the program's own first. */
export function unitsOf(q: Quantity): readonly string[] {
  const { typed, unit } = rowOf(q);
  return typed ?? [unit];
}

/** Four figures are all that anyone reads; the text itself stays as it was typed until it is typed on. */
const SHOWN_DIGITS = 4;

/** Digits and unit of a field's text, for a reader: a bare figure is in the program's unit and shown in the reader's. */
export function splitTyped(text: string, q: Quantity, system: UnitSystem): TypedFigure {
  const shown = displayUnit(q, system);
  for (const unit of new Set([...unitsOf(q), shown])) {
    if (text.endsWith(` ${unit}`)) return { digits: text.slice(0, -unit.length - 1), unit };
  }
  if (text.trim() === '' || shown === INTERNAL_UNIT[q]) return { digits: text, unit: shown };
  const parsed = parseFigure(text, q);
  const value = parsed.ok ? toUnit(q, parsed.value, shown) : undefined;
  return value === undefined
    ? { digits: text, unit: shown }
    : { digits: String(Number(value.toPrecision(SHOWN_DIGITS))), unit: shown };
}

/** The text that a field keeps for what was typed in a unit. What was pasted with a unit of its own is kept as it is. */
export function joinTyped(digits: string, unit: string, q: Quantity): string {
  if (digits.trim() === '' || unit === INTERNAL_UNIT[q]) return digits;
  return /[^\d\s.,+\-−]/.test(digits) ? digits : `${digits} ${unit}`;
}

/** What a text says in the unit that a reader thinks in; null where it says it already, or says nothing. */
export function typedInOwn(text: string, q: Quantity, reader: Reader): string | null {
  const { unit, digits } = splitTyped(text, q, reader.system);
  const own = displayUnit(q, reader.system);
  const other = unit === own ? reader.also && displayUnit(q, reader.also) : own;
  if (!other || other === unit) return null;
  const value = Number.isFinite(fromUnit(q, 1, unit)) ? parseFigure(joinTyped(digits, unit, q), q) : null;
  if (!value?.ok) return null;
  const system = unit === own ? (reader.also ?? reader.system) : reader.system;
  return figureWithUnit(fig(q, value.value), { ...METRIC, decimal: reader.decimal, system });
}

/** A text with its unit, as a line of a form says it; as typed where it is no figure. */
export function typedInWords(text: string, q: Quantity, reader: Reader): string {
  const parsed = parseFigure(text, q);
  return parsed.ok ? figureWithUnit(fig(q, parsed.value), { ...reader, also: undefined }) : text;
}
