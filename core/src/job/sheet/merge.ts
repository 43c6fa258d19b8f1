import {
  familyOf,
  type JobCommand,
  type JobCommandBody,
  type JobDocument,
  type RecordBody,
} from '../../families';
import { confirmedAgain, stepWords } from '../arrival/ticks';
import { contentHash, parameterAt, wordsFor } from '../../profile';
import { sameValue, type SheetEntry } from '../../sheet';
import { siteTime } from '../../time';
import { allWritten, recordsOf, type ChosenTarget } from '../../visit';

/** A write and what somebody else wrote meanwhile cannot both stand. */
export interface Clash {
  /** both, in words, for a person to decide */
  readonly words: string;
}

/** Records of which only the last of a kind counts: two that differ are two opinions of one thing. */
const ONE_OF_A_KIND: ReadonlySet<RecordBody['kind']> = new Set([
  'identify',
  'clock',
  'messages',
  'duty-part',
]);

type Entered = { readonly address: string; readonly value: SheetEntry['value'] };

/**
 * Whether a write that was made on an older version of a job clashes with what was written since. What touches other addresses,
 * other records or other decisions is taken beside it; what says the same is no clash. Null where nothing stands in the way.
 */
export function clashIn(document: JobDocument, command: JobCommand): Clash | null {
  const since = command.baseVersion;
  const { body } = command;
  switch (body.kind) {
    case 'sheet.enter':
      return enteredClash(document, since, body.column, [body]);
    case 'sheet.enter-many':
      return enteredClash(document, since, body.column, body.entries);
    case 'job.record':
      return recordClash(document, since, body.record);
    case 'plan.accept': {
      const plan = [...document.plans, ...recordsOf(document, 'duty-part')].find(
        ({ revision }) => revision > since,
      );
      if (plan)
        return {
          words: `${who(document, plan)} agreed another plan. Look at it, then agree yours again, or drop it.`,
        };
      // what was moved in it is a choice like any other
      for (const mine of body.hand ?? []) {
        const clash = chosenClash(document, since, mine);
        if (clash) return clash;
      }
      return null;
    }
    case 'target.choose':
      return chosenClash(document, since, body);
    case 'finding.decide':
      return decisionClash(document, since, body);
    case 'job.hand-over':
      return document.job.version > since
        ? { words: 'The job has changed since you saw it: look at it again before it is signed.' }
        : null;
    // of two days the later choice counts: it is seen where it is made
    case 'job.move':
    case 'proof.read':
      return null;
  }
}

/** Whether a job holds what a write says already: it was sent, and the answer may not have come back. */
export function holdsAlready(document: JobDocument, body: JobCommandBody): boolean {
  const has = (what: 'entries' | 'records' | 'readings' | 'decisions', id: string) =>
    allWritten(document, what).some((one) => one.id === id);
  switch (body.kind) {
    case 'sheet.enter':
      return has('entries', body.entryId);
    case 'sheet.enter-many':
      return body.entries.some(({ entryId }) => has('entries', entryId));
    case 'job.record':
      return has('records', body.recordId);
    case 'plan.accept':
      return [...document.plans, ...document.records].some(({ id }) => id === body.planId);
    case 'target.choose':
      return has('entries', body.entryId);
    case 'proof.read':
      return has('readings', body.readingId);
    case 'finding.decide':
      return has('decisions', body.decisionId);
    case 'job.hand-over':
      return document.handover?.id === body.handoverId;
    case 'job.move':
      return document.job.plannedFor === body.date;
  }
}

function enteredClash(
  document: JobDocument,
  since: number,
  column: 'found' | 'left',
  mine: readonly Entered[],
): Clash | null {
  for (const { address, value } of mine) {
    const theirs = document.entries.findLast(
      (entry) => entry.revision > since && entry.kind === column && entry.address === address,
    );
    // what was only confirmed yields to what was read
    if (!theirs || theirs.confirmed || sameValue(theirs.value, value)) continue;
    const parameter = parameterAt(document.profile, address);
    const words = (held: SheetEntry['value']) =>
      held === null ? 'not readable' : parameter ? wordsFor(parameter, held) : String(held);
    return {
      words: `${parameter?.label ?? address}: ${who(document, theirs)} entered ${words(theirs.value)}; yours is ${words(value)}.`,
    };
  }
  return null;
}

/** Two who choose a target for one setting. */
function chosenClash(
  document: JobDocument,
  since: number,
  mine: Pick<ChosenTarget, 'address' | 'by' | 'value'>,
): Clash | null {
  const theirs = document.entries.findLast(
    ({ revision, by, address }) => revision > since && by !== undefined && address === mine.address,
  );
  if (!theirs || (theirs.by === mine.by && sameValue(theirs.value, mine.value))) return null;
  const parameter = parameterAt(document.profile, mine.address);
  const words = ({ by, value }: { by?: SheetEntry['by']; value: SheetEntry['value'] }) =>
    by === 'hand' && value !== null && parameter ? wordsFor(parameter, value) : BY_WORDS[by ?? 'plan'];
  return {
    words: `${parameter?.label ?? mine.address}: ${who(document, theirs)} chose ${words(theirs)} as its target; yours is ${words(mine)}.`,
  };
}

const BY_WORDS = { hand: 'a value by hand', found: 'what was found', plan: 'the plan’s' } as const;

function recordClash(document: JobDocument, since: number, mine: RecordBody): Clash | null {
  const again = confirmedAgain(document, since, mine);
  if (again.length > 0) {
    const theirs = document.records.findLast(({ body }) => body.kind === mine.kind)!;
    const steps = again.map((key) => `“${stepWords(document, key)}”`).join(', ');
    return {
      words: `${who(document, theirs)} withdrew ${steps}; you confirm it. Look at the pump, then confirm it again or drop it.`,
    };
  }
  const { readings } = familyOf(document.profile.family).arrival;
  if (!ONE_OF_A_KIND.has(mine.kind) && mine.kind !== readings.record) return null;
  const theirs = document.records.findLast(
    ({ revision, body }) => revision > since && body.kind === mine.kind,
  );
  if (!theirs || contentHash(theirs.body) === contentHash(mine)) return null;
  return {
    words: `${who(document, theirs)} wrote the same down otherwise. Look at it, then send yours on top, or drop it.`,
  };
}

function decisionClash(
  document: JobDocument,
  since: number,
  body: Extract<JobCommandBody, { kind: 'finding.decide' }>,
): Clash | null {
  const theirs = document.decisions.findLast(
    (decision) => decision.revision > since && decision.fingerprint === body.fingerprint,
  );
  if (!theirs || theirs.decision === body.decision) return null;
  return { words: `${who(document, theirs)} decided otherwise on ${body.code}.` };
}

function who(
  document: JobDocument,
  { actor, recordedAt }: { readonly actor: string; readonly recordedAt: string },
): string {
  return `Meanwhile, at ${siteTime(recordedAt, document.site.zone)}, ${actor}`;
}
