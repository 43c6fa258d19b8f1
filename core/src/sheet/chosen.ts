import { sameValue, type SheetEntry, type SheetRow } from './sheet';

/**
 * Rows with what a technician chose as their targets: a value by hand, or what was found. What the plan says stands beside it.
 * A setting that stays as found gets a target only once it holds something else: then it is put back.
 *
 * @param restores whether what the change of another put back is entered again as it was found, where nobody plans it
 */
export function withChosen(rows: readonly SheetRow[], restores: boolean): SheetRow[] {
  return rows.map((row) => {
    const { chosen, target } = row;
    if (!chosen) return restores && !target ? { ...row, target: restored(row) } : row;
    const beside = target ? { ...row, planned: target } : row;
    return { ...beside, target: chosen.by === 'hand' ? chosen : restored(row, chosen) };
  });
}

/** What was found as the target of a setting that does not hold it any more; null while it does, or where nobody read it. */
function restored(row: SheetRow, chosen?: SheetEntry): SheetEntry | null {
  const { found, left, rewrittenBy } = row;
  if (!found || found.value === null) return null;
  const moved = rewrittenBy !== undefined || (left !== null && chosen && !sameValue(left.value, found.value));
  if (!moved) return null;
  const reason = chosen?.reason ?? 'As found: the change of another setting put it back.';
  return {
    ...(chosen ?? found),
    kind: 'target',
    value: found.value,
    raw: found.raw,
    unit: found.unit,
    reason,
  };
}
