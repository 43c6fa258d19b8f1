import type { AnyJob, TakenBack } from './document';
import { recordsOf } from './records';

/** Records that end a job or begin it again: they are followed by others of their kind, and never taken back. */
export const ENDINGS: ReadonlySet<string> = new Set(['broken-off', 'resumed', 'cancelled', 'taken-back']);

/**
 * A job in which what somebody took back counts nowhere: its lines move from the lists that rules read to what was taken back,
 * where they are kept. The same for what was parted already.
 */
export function withoutTakenBack<Job extends AnyJob>(document: Job): Job {
  const ids = new Set(recordsOf(document, 'taken-back').map(({ body }) => body.id));
  if (ids.size === 0) return document;
  const split = <Line extends { readonly id: string; readonly revision: number }>(
    lines: readonly Line[],
    before: readonly Line[] = [],
  ) => ({
    count: lines.filter(({ id }) => !ids.has(id)),
    back: [...before, ...lines.filter(({ id }) => ids.has(id))].sort((a, b) => a.revision - b.revision),
  });
  const known = document.takenBack;
  const entries = split(document.entries, known?.entries);
  const records = split(document.records, known?.records);
  const readings = split(document.readings, known?.readings);
  const decisions = split(document.decisions, known?.decisions);
  return {
    ...document,
    entries: entries.count,
    records: records.count,
    readings: readings.count,
    decisions: decisions.count,
    takenBack: {
      entries: entries.back,
      records: records.back,
      readings: readings.back,
      decisions: decisions.back,
    },
  };
}

/** Everything that was written of a kind, whether or not it was taken back. */
export function allWritten<What extends keyof TakenBack<unknown>>(
  document: AnyJob,
  what: What,
): readonly { readonly id: string }[] {
  return [...document[what], ...(document.takenBack?.[what] ?? [])];
}
