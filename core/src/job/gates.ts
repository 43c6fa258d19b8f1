import { decisionOn, renderFinding, undecidedStops, type Finding } from '../findings';
import { faultOf, parameterAt, wordsForFault } from '../profile';
import { isReadFirst, keyOf, stateOf } from '../sheet';
import {
  type Refusal,
  allWritten,
  brokenOff,
  ENDINGS,
  isHandsIn,
  lastRecord,
  MOST_IN_JOB,
  recordsOf,
  wasWorkedOn,
} from '../visit';
import { isMadeSafe, isOpenToPower } from './safe';
import { owedNeighbours } from './sheet/entry-slips';
import { faultsWrittenDown, WIPES_FAULTS } from './arrival/on-arrival';
import { offeredChecks } from './proof/offered-checks';
import { lackingIn } from '../proof';
import { signFault } from '../print';
import { presentReader } from '../units';
import { leavingFindings, viewJob, type JobView } from './view';
import { familyOf, ALL_TEXTS, type JobCommandBody, type JobDocument, type RecordBody } from '../families';

/** Why a stage is still closed: the slip it guards against, and what to do. */
export interface GateReason {
  readonly code: string;
  readonly words: string;
  /** the stage in which it is put right */
  readonly stage: 'as-found' | 'plan' | 'set' | 'prove';
}

/** Why *Set* is closed; empty when it is open. */
export function gateOfSet(view: JobView): GateReason[] {
  const { document } = view;
  const reasons: GateReason[] = [];
  if (!isMadeSafe(document)) {
    reasons.push({
      code: 'ANY-02',
      words: 'Make safe first: every step confirmed.',
      stage: 'as-found',
    });
  }
  if (!lastRecord(document, 'identify')) {
    reasons.push({
      code: familyOf(view.family).arrival.plateCode,
      words: 'Read the plate of this pump first.',
      stage: 'as-found',
    });
  }
  if (document.plans.length === 0) {
    reasons.push({ code: 'PLAN', words: 'No plan has been agreed yet.', stage: 'plan' });
  }
  const missing = view.rows.filter((row) => stateOf(row) === 'not-recorded');
  if (missing.length > 0) {
    const names = missing.map((row) => parameterAt(document.profile, row.address)?.label ?? row.address);
    reasons.push({
      code: 'ANY-01',
      words: `Not yet recorded as found: ${names.join(', ')}.`,
      stage: 'as-found',
    });
  }
  // putting back what was found is always allowed
  if (brokenOff(document) !== 'put-back') {
    for (const stop of undecidedStops(view.findings.target, document.decisions)) {
      reasons.push({ code: stop.code, words: `Stop in the plan: ${titleOf(stop)}.`, stage: 'plan' });
    }
  }
  return reasons;
}

/** Why a reading cannot be taken yet. */
export function gateOfProve(document: JobDocument): GateReason[] {
  if (lastRecord(document, 'discharge-safe')) return [];
  return [
    {
      code: 'PROVE',
      words: 'Injecting a signal pumps real chemical: route the discharge to a safe place first.',
      stage: 'prove',
    },
  ];
}

/**
 * True where no setting was read or set on a job, and nothing was done or tried at the pump: it was looked at only, whatever
 * was read beside it on arrival.
 */
export function isUntouched(document: JobDocument): boolean {
  const read = document.entries.some(({ kind, confirmed }) => kind !== 'target' && !confirmed);
  return !read && !wasWorkedOn(document, familyOf(document.profile.family).wire.records);
}

/** Why the job cannot be handed over; empty when it can. */
export function gateOfHandover(view: JobView): GateReason[] {
  return [...emptyJob(view.document), ...openStops(view), ...voidProofs(view)];
}

/** A hand-over of nothing would promise that something was looked at. */
function emptyJob(document: JobDocument): GateReason[] {
  if (!isUntouched(document) || lastRecord(document, 'looked-at')) return [];
  return [
    {
      code: 'NOTHING',
      words:
        'No setting was read, set or proved on this job. Record what is there, or close it as looked at only, with a word why.',
      stage: 'as-found',
    },
  ];
}

function openStops(view: JobView): GateReason[] {
  return undecidedStops(leavingFindings(view), view.document.decisions).map((stop) => ({
    code: stop.code,
    words: `Stop on what is left: ${titleOf(stop)}. Put it right, or accept it in writing.`,
    stage: stop.subject === 'job' ? curedAt(view, stop.text) : 'plan',
  }));
}

/** Where stops that any pump can have are put right. */
const CURED_AT: Readonly<Record<string, GateReason['stage']>> = {
  'ANY-16': 'as-found',
  'ANY-17': 'prove',
  'ANY-21.failed': 'prove',
};

/** Whether anything on the job is to be put right in a stage. */
export function openAt(view: JobView, stage: GateReason['stage']): boolean {
  return view.findings.job.some(({ text }) => curedAt(view, text) === stage);
}

function curedAt({ family }: JobView, text: string): GateReason['stage'] {
  return CURED_AT[text] ?? familyOf(family).curedAt[text] ?? 'set';
}

/** What was proved, and set again since, proves nothing: it is proved again, or that it is not is decided in writing. */
function voidProofs(view: JobView): GateReason[] {
  return view.findings.job
    .filter((finding) => finding.code === 'ANY-20' && !decisionOn(finding, view.document.decisions))
    .map(({ code }) => ({
      code,
      words: 'What was proved was set again since: prove it again, or decide in writing below.',
      stage: 'prove' as const,
    }));
}

function titleOf(finding: Finding): string {
  return ALL_TEXTS[finding.text] ? renderFinding(finding, ALL_TEXTS, presentReader()).title : finding.text;
}

/** The rules of the job, the same on the phone and on the server. */
export function refusalOf(document: JobDocument, body: JobCommandBody, today: string): Refusal | null {
  if (document.handover) {
    return {
      field: 'jobId',
      code: 'handed-over',
      words: 'This job is handed over; start a new one to change anything.',
    };
  }
  if (document.job.state === 'cancelled') {
    return { field: 'jobId', code: 'cancelled', words: 'This job is cancelled; start a new one.' };
  }
  const full = refuseFull(document, body);
  if (full) return full;
  switch (body.kind) {
    case 'sheet.enter':
      return refuseEntry(document, body, today);
    case 'sheet.enter-many': {
      const { column } = body;
      for (const [i, entry] of body.entries.entries()) {
        const refusal = refuseEntry(document, { ...body, ...entry, kind: 'sheet.enter', column }, today);
        if (refusal) return { ...refusal, field: `entries.${i}.${refusal.field}` };
      }
      return null;
    }
    case 'plan.accept':
      return refuseTargets(document, body);
    case 'proof.read': {
      const [closed] = gateOfProve(document);
      return closed ? { field: 'reading', code: closed.code, words: closed.words } : null;
    }
    case 'job.record': {
      if (
        body.record.kind === 'reset' &&
        WIPES_FAULTS.has(body.record.what) &&
        !faultsWrittenDown(document)
      ) {
        return {
          field: 'record.what',
          code: 'ANY-15',
          words: 'Read the list of last faults and write it down first: the reset wipes it.',
        };
      }
      if (body.record.kind === 'taken-back') return refuseTakingBack(document, body.record.id);
      if (isHandsIn(body.record, familyOf(document.profile.family).wire.records) && isOpenToPower(document)) {
        return {
          field: 'record.kind',
          code: 'ANY-02',
          words: 'Hands go in for this: isolate and lock off first, under “Before hands go in”.',
        };
      }
      const refused = familyOf(document.profile.family).refuse(body.record);
      if (refused) return refused;
      if (body.record.kind === 'cancelled' && document.entries.some(({ kind }) => kind === 'left')) {
        return {
          field: 'record.kind',
          code: 'ANY-22',
          words: 'Something was set on this job: put it back, or leave it part-changed, and hand that over.',
        };
      }
      return body.record.kind === 'check' ? refuseCheck(document, body.record, today) : null;
    }
    case 'finding.decide':
      return body.reason.trim() === ''
        ? {
            field: 'reason',
            code: 'reason-missing',
            words: 'Say why: the customer reads it on the hand-over.',
          }
        : null;
    case 'job.hand-over': {
      const sign = signFault(body.signedAs);
      if (sign) return { field: 'signedAs', code: 'sign', words: sign };
      const [closed] = gateOfHandover(viewJob(document, today));
      return closed ? { field: 'jobId', code: closed.code, words: closed.words } : null;
    }
    default:
      return null;
  }
}

/** Records with which a job ends: a full one must be able to. */
const ENDS: ReadonlySet<string> = new Set([
  'automatic',
  'broken-off',
  'resumed',
  'cancelled',
  'looked-at',
  'taken-back',
]);

/** A job that holds as much as it can is handed over, and another one begun. */
function refuseFull(document: JobDocument, body: JobCommandBody): Refusal | null {
  const refused = (field: string, count: number, what: keyof typeof MOST_IN_JOB): Refusal | null =>
    count > MOST_IN_JOB[what]
      ? {
          field,
          code: 'job-full',
          words: `This job holds ${MOST_IN_JOB[what]} ${what}, and takes no more: hand it over and start another.`,
        }
      : null;
  const { entries, records, readings, plans, decisions } = document;
  switch (body.kind) {
    case 'sheet.enter':
      return refused('address', entries.length + 1, 'entries');
    case 'sheet.enter-many':
      return refused('entries', entries.length + body.entries.length, 'entries');
    case 'plan.accept':
      return (
        refused('targets', entries.length + body.targets.length, 'entries') ??
        refused('duty', plans.length + 1, 'plans')
      );
    case 'job.record':
      if (ENDS.has(body.record.kind)) return null;
      return (
        refused('record', records.length + 1, 'records') ??
        (body.record.kind === 'check'
          ? refused('record', recordsOf(document, 'check').length + 1, 'checks')
          : null)
      );
    case 'proof.read':
      return refused('reading', readings.length + 1, 'readings');
    case 'finding.decide':
      return refused('reason', decisions.length + 1, 'decisions');
    case 'job.hand-over':
      return null;
  }
}

function refuseEntry(
  document: JobDocument,
  body: Extract<JobCommandBody, { kind: 'sheet.enter' }>,
  today: string,
): Refusal | null {
  const parameter = parameterAt(document.profile, body.address);
  if (!parameter) {
    return { field: 'address', code: 'unknown-address', words: `This controller has no “${body.address}”.` };
  }
  if (body.value === null && !body.reason?.trim()) {
    return { field: 'reason', code: 'reason-missing', words: 'Say why it could not be read.' };
  }
  if (body.column === 'found') return null;
  const view = viewJob(document, today);
  const row = view.rows.find((candidate) => candidate.address === body.address);
  if (!row?.found) {
    return {
      field: 'address',
      code: 'ANY-01',
      words: `Record ${parameter.label} as found first; then it can be changed.`,
    };
  }
  if (isReadFirst(row)) {
    return {
      field: 'address',
      code: 'ANY-01',
      words: `${parameter.label} was confirmed as it was known, and not read: read it before it is changed.`,
    };
  }
  const owed = owedNeighbours(document.profile, view.rows, body.address);
  if (owed.length > 0) {
    const names = owed.map((address) => parameterAt(document.profile, address)?.label ?? address);
    return {
      field: 'address',
      code: 'ANY-07',
      words: `${parameter.label} did not take, so the keys may have edited what stands beside it: read ${names.join(' and ')} first.`,
    };
  }
  const [closed] = gateOfSet(view);
  return closed ? { field: 'address', code: closed.code, words: closed.words } : null;
}

/** Only what this job holds is taken back, and nothing that something else stands on; twice is once. */
function refuseTakingBack(document: JobDocument, id: string): Refusal | null {
  const refused = (words: string): Refusal => ({ field: 'record.id', code: 'taken-back', words });
  const entry = document.entries.find((one) => one.id === id);
  if (entry) {
    if (entry.kind === 'target') return refused('A target belongs to its plan: change the plan.');
    const set = document.entries.some(
      ({ kind, address, revision }) =>
        kind === 'left' && address === entry.address && revision > entry.revision,
    );
    const other = document.entries.some(
      (one) => one !== entry && one.kind === 'found' && one.address === entry.address,
    );
    return entry.kind === 'found' && set && !other
      ? refused('This setting was set since. Take back what was set first.')
      : null;
  }
  const record = document.records.find((one) => one.id === id);
  if (record?.body.kind === 'identify') return refused('Read the plate again: the register follows it.');
  if (record) return ENDINGS.has(record.body.kind) ? refused('This cannot be taken back.') : null;
  const written = (['entries', 'records', 'readings', 'decisions'] as const).some((what) =>
    allWritten(document, what).some((one) => one.id === id),
  );
  return written ? null : refused('This job holds no such line.');
}

/** A check that was not offered proves nothing; one without what it asks for neither; one that pumps wants a safe discharge first. */
function refuseCheck(
  document: JobDocument,
  record: Extract<RecordBody, { kind: 'check' }>,
  today: string,
): Refusal | null {
  const check = offeredChecks(viewJob(document, today)).find(({ key }) => key === record.check);
  const lacking = check && lackingIn(check, record);
  if (lacking) return { field: `record.${lacking.field}`, code: 'check-incomplete', words: lacking.words };
  const pumps = check?.pumps ?? familyOf(document.profile.family).proof.unaskedPumps;
  if (!pumps) return null;
  const [closed] = gateOfProve(document);
  return closed ? { field: 'record', code: closed.code, words: closed.words } : null;
}

function refuseTargets(
  document: JobDocument,
  body: Extract<JobCommandBody, { kind: 'plan.accept' }>,
): Refusal | null {
  const { family } = document.profile;
  if (body.duty.family !== family) {
    return {
      field: 'duty',
      code: 'other-family',
      words: `This is a ${family} pump: its duty is of another kind.`,
    };
  }
  const planned: Record<string, number | string> = {};
  for (const target of body.targets) planned[keyOf(target.address)] = target.value;
  for (const [i, target] of body.targets.entries()) {
    const parameter = parameterAt(document.profile, target.address);
    const field = `targets.${i}.value`;
    if (!parameter) {
      return { field, code: 'unknown-address', words: `This controller has no “${target.address}”.` };
    }
    const fault = faultOf(parameter, target.value, planned);
    if (fault) return { field, code: 'ANY-09', words: wordsForFault(parameter, fault) };
  }
  return null;
}
