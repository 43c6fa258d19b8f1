import type { AnyJob } from './document';

/** A job as it stood once it had taken a revision: what was tried then is judged by what was planned and set then. */
export function asOf<Job extends AnyJob>(document: Job, revision: number): Job {
  const before = <T extends { readonly revision: number }>(all: readonly T[]) =>
    all.filter((one) => one.revision <= revision);
  return {
    ...document,
    plans: before(document.plans),
    entries: before(document.entries),
    records: before(document.records),
    readings: before(document.readings),
  };
}

/** Records that change nothing of what is expected: what was tried, seen, confirmed or ended. */
const LEAVES_AS_IT_IS: ReadonlySet<string> = new Set([
  'make-safe',
  'power-back',
  'clock',
  'discharge-safe',
  'check',
  'messages',
  'reset',
  'automatic',
  'broken-off',
  'resumed',
  'cancelled',
  'looked-at',
  'note',
  'for-owner',
  'duty-part',
  'taken-back',
]);

/** Works something out of a job as it stood at a revision, once for all revisions between which nothing changed that it hangs on. */
export function asItStood<Job extends AnyJob, T>(
  document: Job,
  work: (document: Job) => T,
): (revision: number) => T {
  const changes = [
    ...document.plans.map((plan) => plan.revision),
    ...document.entries.map((entry) => entry.revision),
    ...document.records
      .filter(({ body }) => !LEAVES_AS_IT_IS.has(body.kind))
      .map((record) => record.revision),
  ];
  const known = new Map<number, T>();
  return (revision) => {
    const last = changes.reduce((most, change) => (change <= revision && change > most ? change : most), 0);
    const found = known.get(last);
    if (found !== undefined) return found;
    const worked = work(asOf(document, revision));
    known.set(last, worked);
    return worked;
  };
}
