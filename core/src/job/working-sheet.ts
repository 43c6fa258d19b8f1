import { addressOf, inOrderOfWork } from '../profile';
import { sheetRows, type SheetRow } from '../sheet';
import type { JobDocument } from './document';
import { isStray } from './entry-slips';
import { brokenOff } from './records';

/**
 * The sheet with what is to be entered now as its targets. While putting back, the target of everything that was
 * changed is what was found; so it always is for a setting that changed by a slip of the keys.
 */
export function workingRows(document: JobDocument): SheetRow[] {
  const addresses = inOrderOfWork(document.profile).map((parameter) => addressOf(parameter));
  const rows = sheetRows(document.entries, addresses);
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
    target: row.left && row.found && row.found.value !== null ? { ...row.found, kind: 'target' } : null,
  }));
}

/**
 * Revision of the last value entered at the controller; what a reading proves. 0 before any.
 *
 * @param addresses the settings that count; all of them where left out
 */
export function sheetRevision(document: JobDocument, addresses?: readonly string[]): number {
  return document.entries.reduce(
    (last, { kind, address, revision }) =>
      kind === 'left' && (addresses === undefined || addresses.includes(address))
        ? Math.max(last, revision)
        : last,
    0,
  );
}
