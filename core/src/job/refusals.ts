import { notAnAnswer, type Answers } from '../describe';
import { askedAt, familyOf, type JobCommandBody, type JobDocument, type RecordBody } from '../families';
import { signFault } from '../print';
import { faultOf, isSettable, parameterAt, type SettingValues, wordsForFault } from '../profile';
import { lackingIn } from '../proof';
import { isReadFirst, keyOf } from '../sheet';
import {
  allWritten,
  type ChosenTarget,
  ENDINGS,
  isHandsIn,
  MOST_IN_JOB,
  recordsOf,
  type Refusal,
} from '../visit';
import { faultsWrittenDown, WIPES_FAULTS } from './arrival/on-arrival';
import { toldFault } from './for-owner/told';
import { isDutyWhole } from './answers';
import { gateOfHandover, gateOfProve, gateOfSet } from './gates';
import { offeredChecks } from './proof/offered-checks';
import { isOpenToPower } from './safe';
import { owedNeighbours } from './sheet/entry-slips';
import { viewJob } from './view';

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
    case 'job.move':
      return refuseMove(document, body.date, today);
    case 'plan.accept':
      return refuseTargets(document, body);
    case 'target.choose':
      return refuseChosen(document, body, viewJob(document, today).values.planned);
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
      if (body.record.kind === 'duty-part') return refuseAnswers(document, body.record.duty, 'record.duty');
      if (body.record.kind === 'for-owner') {
        const fault = toldFault(body.record);
        if (fault) return { field: `record.${fault.field}`, code: 'for-owner', words: fault.words };
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
/** What was begun stays on its day, and nothing is planned for a day that is over. */
function refuseMove({ job }: JobDocument, date: string, today: string): Refusal | null {
  if (job.state !== 'planned')
    return { field: 'date', code: 'begun', words: 'This job was begun: its day stays as it is.' };
  return date < today
    ? { field: 'date', code: 'past', words: 'That day is over: choose today or a later one.' }
    : null;
}

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
    case 'target.choose':
      return refused('address', entries.length + 1, 'entries');
    case 'sheet.enter-many':
      return refused('entries', entries.length + body.entries.length, 'entries');
    case 'plan.accept':
      return (
        refused('targets', entries.length + body.targets.length + (body.hand?.length ?? 0), 'entries') ??
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
    case 'job.move':
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
    if (entry.kind === 'target' && !entry.by)
      return refused('A target belongs to its plan: change the plan.');
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

/** What stands at no place of the duty, or is beyond what may stand there, is no answer. */
function refuseAnswers({ profile }: JobDocument, duty: Answers, field: string): Refusal | null {
  if (duty.family !== profile.family)
    return {
      field: `${field}.family`,
      code: 'other-family',
      words: `This is a ${profile.family} pump: its duty is of another kind.`,
    };
  const { wire, forms } = familyOf(profile.family);
  const wrong = notAnAnswer(wire.duty, duty);
  return wrong === null
    ? null
    : {
        field: `${field}.${wrong}`,
        code: 'no-answer',
        words: notTaken(wrong, askedAt(forms.duty, wrong)),
      };
}

const notTaken = (path: string, asked: string): string =>
  asked === path
    ? `The duty asks nothing called “${path}”.`
    : `${asked}: this is no answer that the duty takes.`;

function refuseTargets(
  document: JobDocument,
  body: Extract<JobCommandBody, { kind: 'plan.accept' }>,
): Refusal | null {
  const { family } = document.profile;
  const answers = body.duty === null ? refuseAnswers(document, body.part ?? {}, 'part') : null;
  if (answers) return answers;
  if (body.duty === null && isDutyWhole(document))
    return {
      field: 'duty',
      code: 'duty-known',
      words: 'The whole duty of this pump is known: plan from that, or put right what changed in it.',
    };
  if (body.duty && body.duty.family !== family) {
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
  for (const { address, value } of body.hand ?? []) if (value !== null) planned[keyOf(address)] = value;
  for (const [i, target] of (body.hand ?? []).entries()) {
    const refusal = refuseChosen(document, target, planned);
    if (refusal) return { ...refusal, field: `hand.${i}.${refusal.field}` };
  }
  return null;
}

/**
 * A target by hand is one that this controller can take, with a word why; what nobody can set has none. Whether it is right is for the
 * findings to say.
 *
 * @param beside what the other settings would hold, since limits hang on them
 */
function refuseChosen(
  { profile }: JobDocument,
  { address, by, value, reason }: ChosenTarget,
  beside: SettingValues,
): Refusal | null {
  const parameter = parameterAt(profile, address);
  if (!parameter)
    return { field: 'address', code: 'unknown-address', words: `This controller has no “${address}”.` };
  if (!isSettable(parameter)) {
    const why = parameter.fixed ? 'is fixed in this controller' : 'is only looked at';
    return { field: 'address', code: 'not-set', words: `${parameter.label} ${why}: nobody can set it.` };
  }
  if (by !== 'hand') return null;
  if (value === null)
    return { field: 'value', code: 'value-missing', words: `Say what ${parameter.label} is to be set to.` };
  const fault = faultOf(parameter, value, { ...beside, [parameter.key]: value });
  if (fault) return { field: 'value', code: 'ANY-09', words: wordsForFault(parameter, fault) };
  return reason.trim() === ''
    ? { field: 'reason', code: 'reason-missing', words: 'Say why: it is printed beside the value.' }
    : null;
}
