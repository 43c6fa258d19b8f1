import { displayUnit, fromDisplay, spelledUnit } from './convert';
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
  const cleaned = text.trim().replace(/(\d)[\s\u00a0\u202f](?=\d{3}(\D|$))/g, '$1');
  if (cleaned === '') return { ok: false, words: 'Nothing is entered yet.' };
  const found = FIGURE.exec(cleaned);
  if (!found) return { ok: false, words: `“${text.trim()}” is not a figure. Type a number, such as 12.5.` };
  const [, sign, digits, rest] = found;
  if (/^[.,]\d/.test(rest) || /\d[.,]/.test(rest)) {
    return { ok: false, words: 'Use one decimal mark only: 1234.5 or 1234,5.' };
  }
  const number = Number(digits.replace(',', '.')) * (sign === '-' || sign === '−' ? -1 : 1);
  if (!Number.isFinite(number)) return { ok: false, words: 'That figure is too large.' };
  const spelling = rest.trim();
  if (spelling === '' || spelling === unit) return { ok: true, value: fromDisplay(q, number, system) };
  const worth = spelledUnit(q, spelling);
  if (worth === undefined)
    return { ok: false, words: `“${spelling}” does not fit here: enter it in ${unit}.` };
  return { ok: true, value: number * worth };
}
