import { familyOf, ALL_TEXTS, type JobDocument } from '../families';
import { decisionOn, renderFinding, undecidedStops, type Finding } from '../findings';
import { parameterAt } from '../profile';
import { keyOf, stateOf } from '../sheet';
import { presentReader } from '../units';
import { brokenOff, isSmall, lastRecord, wasWorkedOn } from '../visit';
import { isMadeSafe } from './safe';
import { rewrittenNext } from './sheet/rewritten-next';
import { leavingFindings, type JobView } from './view';

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
  if (isSmall(document)) {
    if (!view.rows.some(({ chosen }) => chosen))
      reasons.push({ code: 'PLAN', words: 'No setting has been chosen yet.', stage: 'plan' });
  } else if (document.plans.length === 0 && !lastRecord(document, 'duty-part')) {
    reasons.push({ code: 'PLAN', words: 'No plan has been agreed yet.', stage: 'plan' });
  }
  const rewritten = isSmall(document) ? rewrittenNext(document.profile, view.rows) : NO_KEYS;
  const missing = view.rows.filter(
    (row) => stateOf(row) === 'not-recorded' || (!row.found && rewritten.has(keyOf(row.address))),
  );
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

const NO_KEYS: ReadonlySet<string> = new Set();

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
  'ANY-17.link': 'prove',
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
