import type { SheetRow } from '../../sheet';
import { brokenOff } from '../../visit';
import { isStray } from './entry-slips';
import { rowsOf } from './rows';
import type { JobDocument } from '../../families';

/**
 * The sheet with what is to be entered now as its targets. While putting back, the target of everything that was
 * changed, by hand or by the change of another, is what was found; so it always is for a setting that changed by a slip of the keys.
 */
export function workingRows(document: JobDocument): SheetRow[] {
  const rows = rowsOf(document);
  if (brokenOff(document) !== 'put-back') {
    // what changed without being meant to is to get back what was found
    return rows.map((row) =>
      !row.target && row.found && isStray(row, document.entries)
        ? { ...row, target: { ...row.found, kind: 'target' } }
        : row,
    );
  }
  return rows.map((row) => ({
    ...row,
    // what a change put back is put back too: nothing that was found may stay lost
    target:
      (row.left || row.rewrittenBy !== undefined) && row.found && row.found.value !== null
        ? { ...row.found, kind: 'target' }
        : null,
  }));
}
