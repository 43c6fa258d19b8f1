import type { JobDocument, JobRecord, RecordBody, RecordKind } from './document';

/** The last record of a kind, understood as that kind. */
export function lastRecord<K extends RecordKind>(
  document: JobDocument,
  kind: K,
): (JobRecord & { body: Extract<RecordBody, { kind: K }> }) | null {
  for (let i = document.records.length - 1; i >= 0; i--) {
    const record = document.records[i];
    if (record.body.kind === kind) return record as JobRecord & { body: Extract<RecordBody, { kind: K }> };
  }
  return null;
}

/** How the work stands broken off, if it does: a later *resumed* takes it back up. */
export function brokenOff(document: JobDocument): 'put-back' | 'part-changed' | null {
  const off = lastRecord(document, 'broken-off');
  const resumed = lastRecord(document, 'resumed');
  return off && (!resumed || resumed.revision < off.revision) ? off.body.way : null;
}
