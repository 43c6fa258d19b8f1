import type { TableFile } from '@barythm/core/visit';
import Papa from 'papaparse';
import { FORMULA } from './formula';

/** A table as CSV; cells that a spreadsheet would take for a formula, whatever blanks stand before it, are made safe. */
export function csvOf({ fields, rows }: Pick<TableFile, 'fields' | 'rows'>): string {
  const data = rows.map((row) => row.map((cell) => cell ?? ''));
  return Papa.unparse({ fields: [...fields], data }, { newline: '\r\n', escapeFormulae: FORMULA });
}
