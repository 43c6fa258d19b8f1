import { familyOf, ALL_TEXTS, type JobCommand, type JobCommandBody, type JobDocument } from '../../families';
import { decisionOn, openEnded, renderFinding, type Finding } from '../../findings';
import { addressOf, meaningOf, movesByItself, wordsFor, type Parameter } from '../../profile';
import { inForce, sameValue, type SheetEntry, type SheetRow } from '../../sheet';
import { inWordsFor, presentReader } from '../../units';
import {
  type Block,
  type Handover,
  type HandoverCheck,
  type HandoverFinding,
  type HandoverSetting,
  type HandoverSummary,
  type LastLeft,
  isSmall,
  lastRecord,
  recordsOf,
  standsAs,
} from '../../visit';
import { clockWords } from '../arrival/clock';
import { originOf } from '../believed';
import { isUntouched } from '../gates';
import { offeredChecks } from '../proof/offered-checks';
import { pointsAsked } from '../proof/left-to-enter';
import { seenKey } from '../proof/seen-checks';
import { RESETS } from '../arrival/on-arrival';
import { chosenWords } from '../sheet/chosen-words';
import { isJudged, judgeOf } from '../sheet/judging';
import { changedLines } from './changed-lines';
import { leavesOf } from './leaves';
import { limitsHeld } from './limits-held';
import { notesOf } from './notes';
import { takenBackLines } from './taken-back-lines';
import { leavingFindings, viewJob, type JobView } from '../view';

/**
 * The simulated day before and after; null where its family compares otherwise, or where nobody works it out. The bench takes longer
 * than a tap may: whoever freezes for good brings it along.
 */
export type DayOf = (view: JobView) => Block | null;

/** The hand-over as it is frozen: from the job as it stands, the signature, the day that the bench made of it, and the firm that hands over. */
export function freezeHandover(
  document: JobDocument,
  command: JobCommand,
  body: Extract<JobCommandBody, { kind: 'job.hand-over' }>,
  today: string,
  dayOf: DayOf,
  firm: HandoverSummary['firm'] = undefined,
): Handover {
  const { units = 'metric' } = command;
  const summary = inWordsFor(units, (): HandoverSummary => {
    const view = viewJob(document, today);
    const day = isSmall(document) ? null : dayOf(view);
    const summary = summarise(view);
    const first = day === null ? summary.blocks.first : [...summary.blocks.first, day];
    return {
      ...summary,
      ...(firm ? { firm } : {}),
      blocks: { ...summary.blocks, first },
      leaves: leavesOf(view),
    };
  });
  return {
    id: body.handoverId,
    recordedAt: command.recordedAt,
    actor: command.actor,
    signedAs: body.signedAs,
    signature: body.signature,
    nextDue: body.nextDue,
    ...(units === 'metric' ? {} : { units }),
    summary,
  };
}

/** What the hand-over says, before it is signed too; the simulated day and the files are added when it is frozen. */
export function summarise(view: JobView): HandoverSummary {
  const { document } = view;
  const findings = leavingFindings(view).map((f) => handoverFinding(f, document));
  const accepted = findings.filter((f) => f.decision === 'accepted' && f.severity === 'stop');
  const automatic =
    lastRecord(document, 'automatic') !== null && !view.findings.job.some((f) => f.code === 'ANY-03');
  const { handOver } = familyOf(view.family);
  const { tried, proof, ...pages } = handOver.part(view);
  // a few settings fit on one page: what the pump is for is on the paper of its whole job
  const { first, behind } = isSmall(document) ? { first: [], behind: [] } : pages;
  const settings = printedOf(view).map((parameter) => settingOf(parameter, view));
  return {
    formatVersion: 2,
    siteDate: view.today,
    ...(isSmall(document) ? { small: true as const } : {}),
    ...lookedAt(document),
    blocks: { first, behind, tried },
    // what a few settings did not ask to be tried is no gap of theirs
    proof: {
      ...proof,
      says: isSmall(document) ? proof.says.filter(({ sound }) => sound) : proof.says,
      automatic,
    },
    accepted,
    open: findings.filter((f) => !accepted.includes(f)),
    settings,
    changed: changedLines(settings),
    checks: view.checks.map(({ check, verdict, voided, voidedWhy, superseded, record }): HandoverCheck => ({
      title: check.title,
      method: check.method,
      expected: check.expected,
      tolerance: check.tolerance,
      seen: verdict.seen,
      ok: verdict.ok,
      voided,
      voidedWhy,
      superseded,
      ...(Object.keys(record.body.figures).length > 0 ? { measured: true } : {}),
      recordedAt: record.recordedAt,
    })),
    notTried: notTried(view),
    facts: isSmall(document) ? limitsHeld(view) : handOver.facts(view),
    messages: messagesWords(document),
    resets: recordsOf(document, 'reset').map(({ body, recordedAt }) => ({
      what: RESETS[body.what],
      why: body.why,
      seen: body.seen,
      recordedAt,
    })),
    clock: clockWords(document),
    ...takenBackLines(view),
    ...notesOf(view),
  };
}

/** What stands on the sheet that is handed over: what is fixed in the controller was left by nobody; of a few settings, those alone. */
function printedOf({ parameters, document, rows }: JobView): readonly Parameter[] {
  const set = parameters.filter(({ fixed }) => !fixed);
  if (!isSmall(document)) return set;
  const touched = new Set(
    rows.filter((row) => row.found || row.left || row.chosen).map(({ address }) => address),
  );
  return set.filter((parameter) => touched.has(addressOf(parameter)));
}

/** Said first of all where nothing was done: the paper must not look like one of a serviced pump. */
function lookedAt(document: JobDocument): Pick<HandoverSummary, 'lookedAtOnly'> {
  const record = lastRecord(document, 'looked-at');
  return record && isUntouched(document) ? { lookedAtOnly: record.body.why } : {};
}

/** What was offered to be tried and was not: a paper that says “1 tried” must say of how many. */
function notTried(view: JobView): string[] {
  const tried = new Set(view.checks.filter(({ voided }) => !voided).map(({ check }) => check.key));
  const points = pointsAsked(view);
  return [
    ...(points.length === 0 ? [] : [`Signal points: ${points.join(', ')}`]),
    ...offeredChecks(view)
      .filter(({ key }) => !tried.has(key))
      .map(({ title }) => title),
  ];
}

function handoverFinding(f: Finding, document: JobDocument): HandoverFinding {
  const words = renderFinding(f, ALL_TEXTS, presentReader());
  const decision = decisionOn(f, document.decisions);
  return {
    code: f.code,
    severity: f.severity,
    ...words,
    decision: decision?.decision ?? null,
    reason: decision?.reason ?? null,
    whoActs: decision?.decision === 'customer-acts' ? 'customer' : 'technician',
  };
}

function settingOf(parameter: Parameter, view: JobView): HandoverSetting {
  const address = addressOf(parameter);
  const row = view.rows.find((candidate) => candidate.address === address);
  const words = (entry: SheetEntry | null | undefined) =>
    !entry
      ? null
      : entry.value === null
        ? `could not be read: ${entry.reason}`
        : wordsFor(parameter, entry.value);
  const left = row?.left ?? null;
  return {
    address,
    label: parameter.label,
    unit: parameter.unit ?? '',
    found: words(row?.found),
    ...(row?.found?.confirmed ? { foundBy: confirmedBy(view.document.lastLeft, parameter) } : {}),
    target: words(row?.target),
    ...(movesByItself(parameter)
      ? seenLast(view, parameter)
      : leftOf(row, view.document.lastLeft, parameter)),
    changed: Boolean(left && !sameValue(left.value, row?.found?.value)),
    ...(row?.chosen ? { targetBy: row.chosen.by === 'hand' ? ('hand' as const) : ('found' as const) } : {}),
    reason: row?.chosen ? chosenLine(parameter, row, view) : (row?.target?.reason ?? null),
  };
}

/** Why a target is a technician's own; where no check judges such a value, the paper says so. */
function chosenLine(parameter: Parameter, row: SheetRow, { family, judging, values }: JobView): string {
  const words = chosenWords(parameter, row);
  const judge = judgeOf(familyOf(family), judging);
  return row.chosen?.by === 'hand' && !isJudged(parameter, values.planned, judge)
    ? `${words} Judged by no check.`
    : words;
}

/** A lamp shows what it shows now, and not what it showed on arrival: as it was seen last, where somebody looked again. */
function seenLast({ checks }: JobView, parameter: Parameter): Pick<HandoverSetting, 'left' | 'leftBy'> {
  const last = checks.find((judged) => judged.check.key === seenKey(parameter) && standsAs(judged));
  return last ? { left: last.verdict.seen, leftBy: 'read back' } : { left: null, leftBy: null };
}

/** Confirmed in one go with the others, and read by nobody: it stays what it was, whoever signs. */
function confirmedBy(
  known: LastLeft | null,
  parameter: Parameter,
): 'reported, confirmed' | 'last visit, confirmed' {
  const reported = known !== null && originOf(known, parameter.key).source === 'reported';
  return reported ? 'reported, confirmed' : 'last visit, confirmed';
}

/** The value in force and how it is known: read back, as it was found, or from the last visit or the site where nobody read it on this one. */
function leftOf(
  row: SheetRow | undefined,
  known: LastLeft | null,
  parameter: Parameter,
): Pick<HandoverSetting, 'left' | 'leftBy'> {
  const force = row ? inForce(row) : null;
  if (force && force.value !== null) {
    return {
      left: wordsFor(parameter, force.value),
      leftBy: force.confirmed
        ? confirmedBy(known, parameter)
        : force.kind === 'left'
          ? 'read back'
          : 'as found',
    };
  }
  // put back by the change of another and not read since: what was known of it is not true any more
  const before = row?.rewrittenBy === undefined ? known?.values[parameter.key] : undefined;
  if (known && before !== undefined) {
    const by = originOf(known, parameter.key).source === 'reported' ? 'reported' : 'last visit';
    return { left: wordsFor(parameter, before), leftBy: by };
  }
  return { left: null, leftBy: null };
}

function messagesWords(document: JobDocument): string | null {
  const body = lastRecord(document, 'messages')?.body;
  if (!body) return null;
  const known = meaningOf(document.profile.behaviours, body.shows);
  const means = known ? ` (it means: ${openEnded(known.means)})` : '';
  const shown =
    body.takenFor === 'nothing'
      ? 'No message on arrival'
      : `“${body.shows}”${means} on arrival, taken for a ${body.takenFor}; the pump ${body.pump === 'runs' ? 'ran' : 'had stopped'}`;
  const faults =
    body.lastFaults === null
      ? 'last faults not read'
      : body.lastFaults.length === 0
        ? 'no last faults listed'
        : `last faults: ${body.lastFaults.join(', ')}`;
  return `${shown}; ${faults}`;
}
