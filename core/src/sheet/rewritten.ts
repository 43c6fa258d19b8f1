import type { Parameter, SettingValue, SettingValues } from '../profile';
import { inForce, keyOf, sameValue, type SheetEntry, type SheetRow } from './sheet';

/** A change that put other settings back, as it was written down. */
export interface PutBack {
  /** key of the setting that was changed */
  readonly key: string;
  readonly revision: number;
}

/**
 * Rows with those marked that the change of another setting has put back since they were last read: a kind of pump or a configuration
 * number that rewrites what hangs on it. Entering the same value again puts nothing back by itself; where a record says that it did,
 * that counts.
 *
 * @param parameters every parameter with its place, as the sheet has it
 * @param recorded changes that were written down as such, whatever value came of them: the key that was changed, and when
 */
export function withRewritten(
  rows: readonly SheetRow[],
  entries: readonly SheetEntry[],
  parameters: readonly Parameter[],
  recorded: readonly PutBack[] = [],
): SheetRow[] {
  const changed = new Map<string, { readonly by: string; readonly revision: number }>();
  for (const { key, rewrites } of parameters) {
    if (!rewrites) continue;
    const row = rows.find(({ address }) => keyOf(address) === key);
    const made = recorded.filter((change) => change.key === key).map(({ revision }) => revision);
    const revision = row && Math.max(lastChange(row, entries) ?? 0, ...made);
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

/** What stood in the rows that a change put back, by key: what is entered again once it is known what was lost. */
export function putBackOf(rows: readonly SheetRow[]): SettingValues {
  const values: Record<string, SettingValue> = {};
  for (const { rewrittenBy, ...row } of rows) {
    const stood = rewrittenBy === undefined ? null : (inForce(row)?.value ?? null);
    if (stood !== null) values[keyOf(row.address)] = stood;
  }
  return values;
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
