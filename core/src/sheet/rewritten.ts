import type { Parameter } from '../profile';
import { keyOf, sameValue, type SheetEntry, type SheetRow } from './sheet';

/**
 * Rows with those marked that the change of another setting has put back since they were last read: a kind of pump or a configuration
 * number that rewrites what hangs on it. Entering the same value again changes nothing, and puts nothing back.
 *
 * @param parameters every parameter with its place, as the sheet has it
 */
export function withRewritten(
  rows: readonly SheetRow[],
  entries: readonly SheetEntry[],
  parameters: readonly Parameter[],
): SheetRow[] {
  const changed = new Map<string, { readonly by: string; readonly revision: number }>();
  for (const { key, rewrites } of parameters) {
    if (!rewrites) continue;
    const row = rows.find(({ address }) => keyOf(address) === key);
    const revision = row && lastChange(row, entries);
    if (row && revision) for (const other of rewrites) changed.set(other, { by: row.address, revision });
  }
  if (changed.size === 0) return [...rows];
  return rows.map((row) => {
    const change = changed.get(keyOf(row.address));
    if (!change) return row;
    const read = Math.max(row.found?.revision ?? 0, row.left?.revision ?? 0);
    return read < change.revision ? { ...row, rewrittenBy: change.by } : row;
  });
}

/** The revision in which a setting last became another than it was; null while it never did. */
function lastChange(row: SheetRow, entries: readonly SheetEntry[]): number | null {
  const own = entries
    .filter(({ address, kind }) => address === row.address && kind !== 'target')
    .sort((a, b) => a.revision - b.revision);
  let last: number | null = null;
  own.forEach((entry, i) => {
    if (entry.kind !== 'left' || entry.value === null) return;
    const before = own[i - 1];
    if (!before || !sameValue(before.value, entry.value)) last = entry.revision;
  });
  return last;
}
