import { familyOf, type JobDocument } from '../../families';
import { parameterAt, wordsFor } from '../../profile';
import type { SheetEntry } from '../../sheet';
import { fig, figureWithUnit, presentReader } from '../../units';
import type { HandoverSummary, Written, WrittenDecision } from '../../visit';
import { capital, recordName } from '../../words';
import { offeredChecks } from '../proof/offered-checks';
import type { JobView } from '../view';

/** What it was, and what was written. */
interface Line {
  readonly what: string;
  readonly was: string;
}

/** What was written by a slip on this visit and taken back, in the order it was written: it is said, and counts nowhere. */
export function takenBackLines(view: JobView): Pick<HandoverSummary, 'takenBack'> {
  const { document } = view;
  const back = document.takenBack;
  if (!back) return {};
  const lines: readonly (readonly [Written, Line])[] = [
    ...back.entries.map((entry) => [entry, entryLine(entry, document)] as const),
    ...back.records.map((record) => [record, recordLine(record.body, view)] as const),
    ...back.readings.map((read) => [read, pointLine(read.reading.injected_mA)] as const),
    ...back.decisions.map((decision) => [decision, decisionLine(decision)] as const),
  ];
  return {
    takenBack: [...lines]
      .sort(([a], [b]) => a.revision - b.revision)
      .map(([{ recordedAt, actor }, line]) => ({ recordedAt, actor, ...line })),
  };
}

function entryLine(entry: SheetEntry, { profile }: JobDocument): Line {
  const parameter = parameterAt(profile, entry.address);
  const { value, reason, raw } = entry;
  const unit =
    parameter?.unit && parameter.unit !== '-' && typeof value === 'number' ? ` ${parameter.unit}` : '';
  return {
    what: `${parameter?.label ?? entry.address}, as ${entry.kind}`,
    was:
      value === null
        ? `could not be read: ${reason ?? ''}`
        : `${parameter ? wordsFor(parameter, value) : raw}${unit}`,
  };
}

function recordLine(body: JobView['document']['records'][number]['body'], view: JobView): Line {
  if (body.kind === 'check') {
    const check = offeredChecks(view).find(({ key }) => key === body.check);
    if (check) return { what: check.title, was: familyOf(view.family).proof.judge(check, body, null).seen };
  }
  const { work, first, readings } = familyOf(view.family).arrival;
  const done = work.find(({ kind }) => kind === body.kind);
  if (done) return { what: done.title, was: done.said(body as never, view, presentReader()).words };
  const own: Readonly<Record<string, string | undefined>> = {
    ...(first ? { [first.kind]: first.title } : {}),
    [readings.record]: 'readings on arrival',
  };
  return { what: capital(recordName(body.kind) ?? own[body.kind] ?? body.kind), was: '' };
}

function pointLine(injected_mA: number): Line {
  return { what: `Signal point ${figureWithUnit(fig('current', injected_mA), presentReader())}`, was: '' };
}

function decisionLine({ code, decision, reason }: WrittenDecision): Line {
  return {
    what: `Decision on ${code}`,
    was: `${decision === 'accepted' ? 'accepted' : 'the customer acts'}: ${reason}`,
  };
}
