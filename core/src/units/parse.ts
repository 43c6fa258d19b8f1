import { displayUnit, fromDisplay, fromUnit, toUnit } from './convert';
import type { Quantity, UnitSystem } from './quantity';

export type ParsedFigure =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly words: string };

const FIGURE = /^([+\-−]?)(\d+(?:[.,]\d*)?|[.,]\d+)\s*(.*)$/;

/**
 * Reads what a person typed: decimal comma or point, spaces between thousands, and a pasted unit. Without a unit the
 * figure is in the shown unit. The answer is in the internal unit; what cannot be read is said in words.
 */
export function parseFigure(text: string, q: Quantity, system: UnitSystem = 'metric'): ParsedFigure {
  const unit = displayUnit(q, system);
  const read = readFigure(text);
  if (!read.ok) return read;
  const { number, spelling } = read;
  if (spelling === '' || spelling === unit) return { ok: true, value: fromDisplay(q, number, system) };
  const value = fromUnit(q, number, spelling);
  return value === undefined ? otherUnit(spelling, unit) : { ok: true, value };
}

/**
 * Reads what a person typed for a display that shows a unit of its own: a bare figure is in that unit, a pasted one is brought to
 * it. `q` is null where nobody knows what it measures: then a bare figure, or its own unit, is all that is understood.
 */
export function parseInUnit(text: string, q: Quantity | null, own: string): ParsedFigure {
  const read = readFigure(text);
  if (!read.ok) return read;
  const { number, spelling } = read;
  const same = spelling.toLowerCase() === own.toLowerCase();
  if (spelling === '' || same) return { ok: true, value: number };
  const internal = q === null ? undefined : fromUnit(q, number, spelling);
  const value = q === null || internal === undefined ? undefined : toUnit(q, internal, own);
  return value === undefined
    ? otherUnit(spelling, own === '-' ? '' : own)
    : { ok: true, value: Number(value.toPrecision(12)) };
}

function otherUnit(spelling: string, unit: string): ParsedFigure {
  const where = unit === '' ? 'enter the bare number' : `enter it in ${unit}`;
  return { ok: false, words: `“${spelling}” does not fit here: ${where}.` };
}

type Read =
  | { readonly ok: true; readonly number: number; readonly spelling: string }
  | { readonly ok: false; readonly words: string };

function readFigure(text: string): Read {
  const cleaned = text.trim().replace(/(\d)[\s\u00a0\u202f](?=\d{3}(\D|$))/g, '$1');
  if (cleaned === '') return { ok: false, words: 'Nothing is entered yet.' };
  const found = FIGURE.exec(cleaned);
  if (!found) return { ok: false, words: `“${text.trim()}” is not a figure. Type a number, e.g. 12.5.` };
  const [, sign, digits, rest] = found;
  if (/^[.,]\d/.test(rest) || /\d[.,]/.test(rest)) {
    return { ok: false, words: 'Use one decimal mark only: 1234.5 or 1234,5.' };
  }
  const number = Number(digits.replace(',', '.')) * (sign === '-' || sign === '−' ? -1 : 1);
  if (!Number.isFinite(number)) return { ok: false, words: 'That figure is too large.' };
  return { ok: true, number, spelling: rest.trim() };
}
