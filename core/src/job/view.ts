import { bySeverity, fingerprintOf, type Finding } from '../findings';
import {
  checkSettings,
  patternsIn,
  understand,
  type MeteringContext,
  type MeteringDuty,
  type MeteringSettings,
  type Pattern,
} from '../families/metering';
import { inOrderOfWork, type Parameter, type SettingValues } from '../profile';
import { stateOf, valuesOf, type SheetRow } from '../sheet';
import { contextOf } from './context';
import type { JobDocument } from './document';
import { jobFindings, unchecked } from './job-findings';
import { judgedChecks, judgedReadings, standing, type JudgedCheck, type JudgedReading } from './judged';
import { lastRecord } from './records';
import { workingRows } from './working-sheet';

/** Everything that follows from a job's document: worked out anew each time, stored nowhere. */
export interface JobView {
  readonly document: JobDocument;
  readonly today: string;
  readonly duty: MeteringDuty | null;
  readonly context: MeteringContext | null;
  readonly parameters: readonly Parameter[];
  readonly rows: readonly SheetRow[];
  readonly values: {
    readonly found: SettingValues;
    readonly planned: SettingValues;
    readonly force: SettingValues;
  };
  readonly settings: MeteringSettings;
  readonly findings: {
    readonly found: readonly Finding[];
    readonly target: readonly Finding[];
    readonly left: readonly Finding[];
    readonly job: readonly Finding[];
  };
  readonly readings: readonly JudgedReading[];
  readonly checks: readonly JudgedCheck[];
  readonly patterns: readonly Pattern[];
}

/** Works out everything that follows from a job's document on a site date. */
export function viewJob(document: JobDocument, today: string): JobView {
  const duty = document.plans[document.plans.length - 1]?.duty ?? document.dutyBefore;
  const plate = lastRecord(document, 'identify')?.body.plate ?? document.unit.plate;
  const rows = workingRows(document);
  const found = valuesOf(rows, 'found');
  const before = document.lastLeft?.values ?? {};
  const force = valuesOf(rows, 'force');
  const planned = { ...before, ...valuesOf(rows, 'planned') };
  const context = duty && contextOf(document, duty, { ...before, ...force }, today);
  const settings = understand(document.profile, plate, force);
  const hasTargets = rows.some((row) => row.target);
  const readings = judgedReadings(document, context, settings);
  const checks = judgedChecks(document, context, settings);
  const columns = context && {
    found: Object.keys(found).length > 0 ? checkSettings(context, 'found', found) : [],
    target: hasTargets ? checkSettings(context, 'target', planned) : [],
    left: Object.keys(force).length > 0 ? checkSettings(context, 'left', force) : [],
  };
  return {
    document,
    today,
    duty,
    context,
    parameters: inOrderOfWork(document.profile),
    rows,
    values: { found, planned, force },
    settings,
    findings: {
      found: columns?.found ?? [],
      target: columns ? bySeverity([...columns.target, ...unchecked(document, rows, planned)]) : [],
      left: columns?.left ?? [],
      job: bySeverity(jobFindings(document, rows, readings, checks, context)),
    },
    readings,
    checks,
    patterns: context ? patternsOf(context, settings, readings, checks) : [],
  };
}

/** The slips that the standing readings and checks point to. */
function patternsOf(
  context: MeteringContext,
  settings: MeteringSettings,
  readings: readonly JudgedReading[],
  checks: readonly JudgedCheck[],
): Pattern[] {
  const counted = standing(readings).map((reading) => reading.entry.reading);
  const tried = checks.filter((check) => !check.voided && !check.superseded);
  return [
    ...patternsIn(context, settings, counted),
    ...tried.flatMap(({ verdict }) => (verdict.pattern ? [verdict.pattern] : [])),
  ];
}

/** All that stands on what is left at the pump: the as-left column, and the job's own. */
export function leavingFindings(view: JobView): Finding[] {
  return bySeverity([...view.findings.job, ...view.findings.left]);
}

/** True when two findings say the same, whatever column they are about. */
export function sameFinding(a: Finding, b: Finding): boolean {
  return fingerprintOf({ ...a, subject: 'job' }) === fingerprintOf({ ...b, subject: 'job' });
}

export { stateOf };
