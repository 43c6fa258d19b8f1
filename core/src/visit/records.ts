import type { AnyJob, Recorded, RecordedAs } from './document';

/** What holds records: a job, or what is looked at of one. */
interface Holding<Body> {
  readonly records: readonly Recorded<Body>[];
}
type Kinded = { readonly kind: string };

/** A document never changes in place, so that what was read of it once stays true: the rules that ask share one reading. */
const read = new WeakMap<Holding<Kinded>, ReadonlyMap<string, readonly Recorded<Kinded>[]>>();

function byKind(holding: Holding<Kinded>): ReadonlyMap<string, readonly Recorded<Kinded>[]> {
  const known = read.get(holding);
  if (known) return known;
  const sorted = new Map<string, Recorded<Kinded>[]>();
  for (const record of holding.records) {
    const alike = sorted.get(record.body.kind);
    if (alike) alike.push(record);
    else sorted.set(record.body.kind, [record]);
  }
  read.set(holding, sorted);
  return sorted;
}

/** The records of a kind, in the order in which they were written. */
export function recordsOf<Body extends Kinded, Kind extends Body['kind']>(
  holding: Holding<Body>,
  kind: Kind,
): readonly RecordedAs<Body, Kind>[] {
  return (byKind(holding).get(kind) ?? []) as readonly RecordedAs<Body, Kind>[];
}

/** The last record of a kind; null where there is none. */
export function lastRecord<Body extends Kinded, Kind extends Body['kind']>(
  holding: Holding<Body>,
  kind: Kind,
): RecordedAs<Body, Kind> | null {
  return recordsOf(holding, kind).at(-1) ?? null;
}

/** How the work stands broken off, if it does: a later *resumed* takes it back up. */
export function brokenOff(document: AnyJob): 'put-back' | 'part-changed' | null {
  const off = lastRecord(document, 'broken-off');
  const resumed = lastRecord(document, 'resumed');
  return off && (!resumed || resumed.revision < off.revision) ? off.body.way : null;
}
