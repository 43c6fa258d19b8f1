import { anyFinding, type Finding } from '../../findings';
import { inOrderOfWork, meaningOf, parameterAt } from '../../profile';
import { sameValue } from '../../sheet';
import { type OfKind, type ResetOf, lastRecord, recordsOf } from '../../visit';
import type { JobDocument, RecordBody } from '../../families';

/** What can be put back to its start, in words. */
export const RESETS: Readonly<Record<ResetOf, string>> = {
  faults: 'list of last faults',
  reminder: 'service reminder',
  counter: 'stroke counter',
  settings: 'all settings to default',
  breaker: 'breaker or fuse',
};

/** Resets that wipe the list of last faults: it is written down first (ANY-15). */
export const WIPES_FAULTS: ReadonlySet<ResetOf> = new Set(['faults', 'settings']);

/** A breaker that trips again after one reset has a cause that a reset does not cure. */
const BREAKER_RESETS_MOST = 1;

/** True when the last faults have been written down, be it that there were none. */
export function faultsWrittenDown(document: JobDocument): boolean {
  return recordsOf(document, 'messages').some(({ body }) => body.lastFaults !== null);
}

/** What messages, faults and resets leave open: ANY-13 to ANY-16. */
export function arrivalFindings(document: JobDocument): Finding[] {
  return [...resetsUnproved(document), ...wipedBefore(document), ...mistaken(document), ...breaker(document)];
}

/** ANY-13: a reset after which nobody looked. The last of each kind counts. */
function resetsUnproved(document: JobDocument): Finding[] {
  const last = new Map<ResetOf, OfKind<RecordBody, 'reset'>>();
  for (const { body } of recordsOf(document, 'reset')) last.set(body.what, body);
  return [...last.values()].flatMap((body) =>
    body.seen === null && body.what !== 'breaker'
      ? [anyFinding('ANY-13.unseen', 'job', { what: RESETS[body.what] })]
      : [],
  );
}

/** ANY-13: found at its defaults though left otherwise, and nobody wrote down a reset. */
function wipedBefore(document: JobDocument): Finding[] {
  const before = document.lastLeft?.values ?? {};
  const moved = inOrderOfWork(document.profile).flatMap((parameter) => {
    const left = before[parameter.key];
    if (left === undefined || parameter.default === undefined) return [];
    return sameValue(left, parameter.default) ? [] : [parameter];
  });
  if (moved.length < 2) return [];
  const atDefault = moved.every((parameter) => {
    const found = document.entries.find(
      (entry) => entry.kind === 'found' && parameterAt(document.profile, entry.address) === parameter,
    );
    return found !== undefined && sameValue(found.value, parameter.default);
  });
  if (!atDefault) return [];
  return [
    anyFinding('ANY-13.unrecorded', 'job', {
      count: `${moved.length}`,
      settings: moved.map((parameter) => parameter.label).join(', '),
    }),
  ];
}

/**
 * ANY-14: what the profile says of a message counts. Of one that it does not know: a reminder does not stop a pump; what stopped it
 * is a fault, and what lets it run as set mostly is none.
 */
function mistaken(document: JobDocument): Finding[] {
  const body = lastRecord(document, 'messages')?.body;
  if (!body || body.takenFor === 'nothing') return [];
  const known = meaningOf(document.profile.behaviours, body.shows);
  const values = { shows: body.shows };
  if (known) {
    const { kind, means, todo } = known;
    return kind === body.takenFor
      ? []
      : [anyFinding(`ANY-14.is-${kind}`, 'job', { ...values, taken: body.takenFor, means, todo })];
  }
  if (body.takenFor === 'reminder' && body.pump === 'stopped')
    return [anyFinding('ANY-14.fault', 'job', values)];
  if (body.takenFor === 'fault' && body.pump === 'runs')
    return [anyFinding('ANY-14.reminder', 'job', values)];
  return [];
}

/** ANY-16: a breaker reset more than once. */
function breaker(document: JobDocument): Finding[] {
  const times = recordsOf(document, 'reset').filter(({ body }) => body.what === 'breaker').length;
  return times > BREAKER_RESETS_MOST ? [anyFinding('ANY-16', 'job', { times: `${times}` })] : [];
}
