import { keyAt, type SettingValue, type SettingValues } from '../profile';

/** The three values a setting has; they are never mixed up. */
export type EntryKind = 'found' | 'target' | 'left';

/**
 * One line written on the sheet. Lines are only added: the last of a kind counts. `raw` is what was typed, `unit` what
 * the controller showed; neither is overwritten by a conversion.
 */
export interface SheetEntry {
  readonly id: string;
  readonly address: string;
  readonly kind: EntryKind;
  readonly raw: string;
  readonly unit: string;
  /** null when it could not be read */
  readonly value: SettingValue | null;
  /** why it could not be read, or why it is the target */
  readonly reason: string | null;
  /** of a target that belongs to no plan: whose it is from here on; `found` and `plan` hold no value of their own */
  readonly by?: TargetBy;
  /** it was known from elsewhere and confirmed with many others in one go: it counts, and nobody read it */
  readonly confirmed?: true;
  readonly recordedAt: string;
  readonly actor: string;
  /** the order in which the job took it; grows by one with every write */
  readonly revision: number;
}

/** Whose word a target is: typed by a technician, what was found and stays, or the plan's again. */
export type TargetBy = 'hand' | 'found' | 'plan';

export interface SheetRow {
  readonly address: string;
  readonly found: SheetEntry | null;
  readonly target: SheetEntry | null;
  readonly left: SheetEntry | null;
  /** address of the setting whose change put this one back since it was last read: what it holds now is not known */
  readonly rewrittenBy?: string;
  /** what a technician chose in place of the plan's target, by hand or as found; left out where the plan counts */
  readonly chosen?: SheetEntry;
  /** what the plan says beside that; left out where it says nothing */
  readonly planned?: SheetEntry;
}

/** The sheet as rows, the last line of each kind counting. Addresses in the order given, then any others. */
export function sheetRows(entries: readonly SheetEntry[], addresses: readonly string[]): SheetRow[] {
  const last = new Map(addresses.map((address): [string, LastOfKind] => [address, {}]));
  let plan = 0;
  for (const entry of entries) {
    const { address, revision } = entry;
    const kind = entry.by ? 'chosen' : entry.kind;
    if (kind === 'target' && revision > plan) plan = revision;
    const of = last.get(address) ?? {};
    last.set(address, of);
    if (!of[kind] || revision >= of[kind].revision) of[kind] = entry;
  }
  return [...last].map(([address, { found = null, target = null, left = null, chosen }]) => ({
    address,
    found,
    // targets of one plan share a revision; one that the newest plan does not name is withdrawn
    target: target?.revision === plan ? target : null,
    left,
    ...(chosen && chosen.by !== 'plan' ? { chosen } : {}),
  }));
}

type LastOfKind = Partial<Record<EntryKind | 'chosen', SheetEntry>>;

export function lastOf(entries: readonly SheetEntry[], address: string, kind: EntryKind): SheetEntry | null {
  let last: SheetEntry | null = null;
  for (const entry of entries) {
    if (entry.address === address && entry.kind === kind && (!last || entry.revision >= last.revision)) {
      last = entry;
    }
  }
  return last;
}

/** What the controller holds now, as far as is known: as left, else as found; nothing once the change of another put it back. */
export function inForce(row: SheetRow): SheetEntry | null {
  if (row.rewrittenBy !== undefined) return null;
  if (row.left && row.found) return row.left.revision >= row.found.revision ? row.left : row.found;
  return row.left ?? row.found;
}

/** True where a setting that is to change was only confirmed as it was known: it is read before it is changed. */
export function isReadFirst({ found, target, left }: SheetRow): boolean {
  return (
    found?.confirmed === true && left === null && target !== null && !sameValue(target.value, found.value)
  );
}

/** Two values of one parameter; numbers that differ by binary dust are the same. */
export function sameValue(a: SettingValue | null | undefined, b: SettingValue | null | undefined): boolean {
  if (typeof a === 'number' && typeof b === 'number') {
    return Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a), Math.abs(b));
  }
  return a === b;
}

export type RowState =
  /** nothing to do: as found already is the target, or there is no target */
  | 'keep'
  /** a target that differs and has not been entered */
  | 'to-do'
  /** entered and read back as the target */
  | 'done'
  /** entered, but the display shows another value */
  | 'differs'
  /** a target, but what was there is not recorded */
  | 'not-recorded';

export function stateOf(row: SheetRow): RowState {
  const target = row.target?.value;
  if (target === undefined || target === null) return 'keep';
  if (!row.found) return 'not-recorded';
  if (row.rewrittenBy !== undefined) return 'to-do';
  if (row.left) return sameValue(row.left.value, target) ? 'done' : 'differs';
  return sameValue(row.found.value, target) ? 'keep' : 'to-do';
}

/** Rows whose target is not yet what the controller holds. */
export function openRows(rows: readonly SheetRow[]): SheetRow[] {
  return rows.filter((row) => ['to-do', 'differs', 'not-recorded'].includes(stateOf(row)));
}

/** Values by parameter key of one column; `force` is what the controller holds now. */
export function valuesOf(rows: readonly SheetRow[], column: EntryKind | 'force' | 'planned'): SettingValues {
  const values: Record<string, SettingValue> = {};
  for (const row of rows) {
    const entry =
      column === 'force' ? inForce(row) : column === 'planned' ? (row.target ?? inForce(row)) : row[column];
    if (entry?.value !== null && entry?.value !== undefined) values[keyOf(row.address)] = entry.value;
  }
  return values;
}

/** The key of an address among a sheet's values: the parameter's own, with its place from the second on. */
export function keyOf(address: string): string {
  const [, index, key] = address.split('/');
  return keyAt(key, Number(index));
}
