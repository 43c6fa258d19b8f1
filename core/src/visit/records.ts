import type { JobDocument, JobRecord, RecordKind, RecordOf } from './document';

type ByKind = ReadonlyMap<RecordKind, readonly JobRecord[]>;

/** A document never changes in place, so that what was read of it once stays true: the rules that ask share one reading. */
const read = new WeakMap<JobDocument, ByKind>();

function byKind(document: JobDocument): ByKind {
  const known = read.get(document);
  if (known) return known;
  const sorted = new Map<RecordKind, JobRecord[]>();
  for (const record of document.records) {
    const alike = sorted.get(record.body.kind);
    if (alike) alike.push(record);
    else sorted.set(record.body.kind, [record]);
  }
  read.set(document, sorted);
  return sorted;
}

/** The records of a kind, in the order in which they were written. */
export function recordsOf<K extends RecordKind>(document: JobDocument, kind: K): readonly RecordOf<K>[] {
  return (byKind(document).get(kind) ?? []) as readonly RecordOf<K>[];
}

/** The last record of a kind; null where there is none. */
export function lastRecord<K extends RecordKind>(document: JobDocument, kind: K): RecordOf<K> | null {
  return recordsOf(document, kind).at(-1) ?? null;
}

/** How the work stands broken off, if it does: a later *resumed* takes it back up. */
export function brokenOff(document: JobDocument): 'put-back' | 'part-changed' | null {
  const off = lastRecord(document, 'broken-off');
  const resumed = lastRecord(document, 'resumed');
  return off && (!resumed || resumed.revision < off.revision) ? off.body.way : null;
}
