import { familyOf, KEYS_ONLY, type JobCommand, type JobDocument, type RecordBody } from '../../families';

/** A record that is a list of ticks, whatever it is called. */
interface TickList {
  readonly ticked: readonly string[];
  readonly changed?: { readonly on: readonly string[]; readonly off: readonly string[] };
}

/** The ticks of a record; null for a record of any other kind. */
export function ticksOf(document: JobDocument, body: RecordBody): TickList | null {
  if (body.kind === 'make-safe') return { ticked: body.steps, changed: body.changed };
  if (body.kind !== familyOf(document.profile.family).arrival.first?.kind) return null;
  const { seen, changed } = body as unknown as { seen: readonly string[]; changed?: TickList['changed'] };
  return { ticked: seen, changed };
}

/** The list as it stood at a revision. */
function tickedAt(document: JobDocument, kind: RecordBody['kind'], revision: number): readonly string[] {
  const last = document.records.findLast(
    (record) => record.body.kind === kind && record.revision <= revision,
  );
  return (last && ticksOf(document, last.body)?.ticked) ?? [];
}

/**
 * What a write changes of a list of ticks: as it says itself, or, of one that says only the whole list, against the list that it was
 * made on.
 */
function changeOf(document: JobDocument, baseVersion: number, body: RecordBody, mine: TickList) {
  if (mine.changed) return mine.changed;
  const base = tickedAt(document, body.kind, baseVersion);
  return {
    on: mine.ticked.filter((step) => !base.includes(step)),
    off: base.filter((step) => !mine.ticked.includes(step)),
  };
}

/**
 * A record as it is taken into a job: of a list of ticks only what this write changed, on top of what others ticked meanwhile, so
 * that nothing vanishes and what somebody withdrew stays withdrawn. Any other record as it is.
 */
export function withTicksMerged(
  document: JobDocument,
  { baseVersion }: Pick<JobCommand, 'baseVersion'>,
  body: RecordBody,
): RecordBody {
  const mine = ticksOf(document, body);
  // nobody wrote meanwhile: the list is what was seen
  if (!mine || (document.job.version === baseVersion && !mine.changed)) return body;
  const { on, off } = changeOf(document, baseVersion, body, mine);
  const now = tickedAt(document, body.kind, document.job.version);
  const ticked = [...now.filter((step) => !off.includes(step)), ...on.filter((step) => !now.includes(step))];
  return (body.kind === 'make-safe' ? { ...body, steps: ticked } : { ...body, seen: ticked }) as RecordBody;
}

/**
 * The steps that a write confirms though somebody withdrew them after what it was made on: whether they hold is for people to say.
 */
export function confirmedAgain(document: JobDocument, baseVersion: number, body: RecordBody): string[] {
  const mine = ticksOf(document, body);
  if (!mine || document.job.version === baseVersion) return [];
  const { on } = changeOf(document, baseVersion, body, mine);
  const now = tickedAt(document, body.kind, document.job.version);
  const since = document.records.filter(
    ({ revision, body: other }) => revision > baseVersion && other.kind === body.kind,
  );
  return on.filter(
    (step) =>
      !now.includes(step) &&
      (tickedAt(document, body.kind, baseVersion).includes(step) ||
        since.some((record) => ticksOf(document, record.body)?.ticked.includes(step))),
  );
}

/** The words of a step, as its card shows it. */
export function stepWords(document: JobDocument, key: string): string {
  const { makeSafe, first } = familyOf(document.profile.family).arrival;
  return [...makeSafe, KEYS_ONLY, ...(first?.steps ?? [])].find((step) => step.key === key)?.words ?? key;
}
