import type { SheetEntry } from '../sheet';
import {
  type ChosenTarget,
  type HandoverSummary,
  type JobState,
  sheetRevision,
  withoutTakenBack,
  type Written,
} from '../visit';
import { withTicksMerged } from './arrival/ticks';
import { type DayOf, freezeHandover } from './hand-over/handover';
import type { JobCommand, JobDocument, RecordBody } from '../families';

/**
 * The job after a command: the server uses it to answer, the phone to show what is not sent yet. The command must have
 * passed `refusalOf`. Nothing is changed in place.
 *
 * @param dayOf the simulated day of a hand-over; the phone leaves it to the server
 * @param firm who hands over; the phone leaves it to the server too
 */
export function applyCommand(
  document: JobDocument,
  command: JobCommand,
  today: string,
  dayOf: DayOf = () => null,
  firm?: HandoverSummary['firm'],
): JobDocument {
  const version = document.job.version + 1;
  const written = { recordedAt: command.recordedAt, actor: command.actor, revision: version };
  const next: JobDocument = {
    ...document,
    job: {
      ...document.job,
      version,
      state: document.job.state === 'planned' ? stateAfter(command, 'planned') : document.job.state,
    },
  };
  const { body } = command;
  switch (body.kind) {
    case 'sheet.enter': {
      const entry: SheetEntry = {
        ...written,
        id: body.entryId,
        address: body.address,
        kind: body.column,
        raw: body.raw,
        unit: body.unit,
        value: body.value,
        reason: body.reason,
      };
      return { ...next, entries: [...next.entries, entry] };
    }
    case 'sheet.enter-many': {
      const entries = body.entries.map(({ entryId, ...entry }): SheetEntry => ({
        ...written,
        ...entry,
        id: entryId,
        kind: body.column,
      }));
      return { ...next, entries: [...next.entries, ...entries] };
    }
    case 'job.record':
      return withoutTakenBack({
        ...next,
        job: { ...next.job, state: stateAfterRecord(next.job.state, body.record) },
        records: [
          ...next.records,
          { ...written, id: body.recordId, body: withTicksMerged(document, command, body.record) },
        ],
      });
    case 'plan.accept': {
      const targets = body.targets.map((target): SheetEntry => ({
        ...written,
        id: target.entryId,
        address: target.address,
        kind: 'target',
        raw: String(target.value),
        unit: target.unit,
        value: target.value,
        reason: target.reason,
      }));
      const hand = (body.hand ?? []).map((target) => chosenEntry(target, written));
      return {
        ...next,
        entries: [...next.entries, ...targets, ...hand],
        ...planOf(next, body, written),
      };
    }
    case 'target.choose':
      return { ...next, entries: [...next.entries, chosenEntry(body, written)] };
    case 'proof.read':
      return {
        ...next,
        readings: [
          ...next.readings,
          {
            ...written,
            id: body.readingId,
            reading: body.reading,
            instrumentId: body.instrumentId,
            sheetRevision: sheetRevision(next),
          },
        ],
      };
    case 'finding.decide':
      return {
        ...next,
        decisions: [
          ...next.decisions,
          {
            ...written,
            id: body.decisionId,
            code: body.code,
            fingerprint: body.fingerprint,
            decision: body.decision,
            reason: body.reason,
          },
        ],
      };
    case 'job.move':
      return { ...next, job: { ...next.job, plannedFor: body.date } };
    case 'job.hand-over':
      return {
        ...next,
        job: {
          ...next.job,
          state: next.job.state === 'open' || next.job.state === 'planned' ? 'handed-over' : next.job.state,
        },
        handover: freezeHandover(document, command, body, today, dayOf, firm),
      };
  }
}

/** The plan that was agreed; of a duty that is not whole what is answered of it, which makes no plan yet. */
function planOf(
  { plans, records }: JobDocument,
  { planId: id, duty, part = {} }: Extract<JobCommand['body'], { kind: 'plan.accept' }>,
  written: Omit<Written, 'id'>,
): Pick<JobDocument, 'plans'> | Pick<JobDocument, 'records'> {
  return duty
    ? { plans: [...plans, { ...written, id, duty }] }
    : { records: [...records, { ...written, id, body: { kind: 'duty-part', duty: part } }] };
}

function chosenEntry(
  { entryId, address, by, value, unit, reason }: ChosenTarget,
  written: Omit<Written, 'id'>,
): SheetEntry {
  const raw = value === null ? '' : String(value);
  return { ...written, id: entryId, address, kind: 'target', raw, unit, value, reason, by };
}

/** Planning alone leaves a job planned, whatever day it is planned for, and so does a note, a word for the owner, or a slip taken back; anything done at the pump opens it. */
function stateAfter(command: JobCommand, state: JobState): JobState {
  const { body } = command;
  const beside = body.kind === 'job.record' && BESIDE.has(body.record.kind);
  return PLANS.has(body.kind) || beside ? state : 'open';
}

const PLANS: ReadonlySet<JobCommand['body']['kind']> = new Set([
  'plan.accept',
  'target.choose',
  'finding.decide',
  'job.move',
]);

const BESIDE: ReadonlySet<RecordBody['kind']> = new Set(['taken-back', 'note', 'for-owner', 'duty-part']);

function stateAfterRecord(state: JobState, record: RecordBody): JobState {
  if (record.kind === 'broken-off') return record.way;
  if (record.kind === 'resumed') return 'open';
  if (record.kind === 'cancelled') return 'cancelled';
  return state;
}
