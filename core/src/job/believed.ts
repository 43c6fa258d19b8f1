import { inOrderOfWork, type SettingValue } from '../profile';
import { inForce, keyOf, sheetRows, withRewritten } from '../sheet';
import type { JobDocument, LastLeft } from '../visit';

/** What a job leaves in the controller, on top of what was known before it. */
export function lastLeftOf(document: JobDocument): LastLeft | null {
  const values: Record<string, SettingValue> = { ...document.lastLeft?.values };
  let known = false;
  const parameters = inOrderOfWork(document.profile);
  for (const row of withRewritten(sheetRows(document.entries, []), document.entries, parameters)) {
    // put back by the change of another and not read since: whatever was known of it is not true any more
    if (row.rewrittenBy !== undefined) delete values[keyOf(row.address)];
    const entry = inForce(row);
    if (entry && entry.value !== null) {
      values[keyOf(row.address)] = entry.value;
      known = true;
    }
  }
  return known ? { source: 'left', date: document.job.plannedFor, values } : document.lastLeft;
}

/**
 * What the site reported of a pump, over what was left: it counts where nobody was there since. Null where nothing was reported, where the
 * latest job is as new, or while it is still open: what was seen at the pump comes first.
 */
export function reportedSince(
  latest: JobDocument | null,
  reported: Pick<LastLeft, 'date' | 'values'> | null,
): LastLeft | null {
  if (!reported) return null;
  if (latest && (latest.job.state !== 'handed-over' || reported.date <= latest.job.plannedFor)) return null;
  const before = latest ? lastLeftOf(latest)?.values : undefined;
  return { source: 'reported', date: reported.date, values: { ...before, ...reported.values } };
}
