import { familyOf, type JobDocument } from '../../families';
import { addressOf, inOrderOfWork } from '../../profile';
import { sheetRows, withRewritten, type SheetRow } from '../../sheet';

/** A document never changes in place: its sheet is put together once. */
const known = new WeakMap<JobDocument, readonly SheetRow[]>();

/** A job's sheet in the order of work, with what the change of another setting put back marked as not known. */
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
  return withRewritten(sheetRows(entries, addresses), entries, parameters, recorded);
}
