import { familyOf, type JobDocument } from '../../families';
import { addressOf, inOrderOfWork } from '../../profile';
import { sheetRows, withChosen, withRewritten, type SheetRow } from '../../sheet';
import { isSmall } from '../../visit';

/** A document never changes in place: its sheet is put together once. */
const known = new WeakMap<JobDocument, readonly SheetRow[]>();

/**
 * A job's sheet in the order of work, with what the change of another setting put back marked as not known, and what was chosen by hand
 * in place of the plan's targets.
 */
export function rowsOf(document: JobDocument): readonly SheetRow[] {
  const rows = known.get(document) ?? madeOf(document);
  known.set(document, rows);
  return rows;
}

function madeOf(document: JobDocument): SheetRow[] {
  const { profile, entries } = document;
  const parameters = inOrderOfWork(profile);
  const addresses = parameters.map((parameter) => addressOf(parameter));
  const recorded = familyOf(profile.family).putsBack?.(document) ?? [];
  const rows = withRewritten(sheetRows(entries, addresses), entries, parameters, recorded);
  // where there is no plan, nothing else enters again what a change has put back
  return withChosen(rows, isSmall(document));
}
