import { bySeverity, fingerprintOf, type Finding, type Subject } from '../findings';
import type { FamilyKinds, FamilyName } from '../families';
import {
  meteringFamily,
  patternsIn,
  type MeteringContext,
  type MeteringPlate,
  type MeteringSettings,
} from '../families/metering';
import { poolFamily, type PoolContext, type PoolPlate, type PoolSettings } from '../families/pool';
import { orElse } from '../input';
import {
  inOrderOfWork,
  type MeteringProfile,
  type Parameter,
  type PoolProfile,
  type SettingValues,
} from '../profile';
import type { Pattern } from '../proof';
import { stateOf, valuesOf, type SheetRow } from '../sheet';
import { asItStood } from './as-of';
import { isDutyOf, meteringContextOf, plateOf, poolContextOf } from './context';
import type { JobDocument } from './document';
import { jobFindings, unchecked } from './job-findings';
import { judgedChecks, VOIDED, type JudgedCheck } from './judged-checks';
import { judgedReadings, standing, type JudgedReading } from './judged-readings';
import { meteringFindings } from './metering-findings';
import { poolFindings, poolPatterns } from './pool-findings';
import { workingRows } from './working-sheet';

/** What follows from a job's document whatever its pump: worked out anew each time, stored nowhere. */
interface CommonView {
  readonly document: JobDocument;
  readonly today: string;
  readonly parameters: readonly Parameter[];
  readonly rows: readonly SheetRow[];
  readonly values: {
    readonly found: SettingValues;
    readonly planned: SettingValues;
    readonly force: SettingValues;
  };
  readonly findings: {
    readonly found: readonly Finding[];
    readonly target: readonly Finding[];
    readonly left: readonly Finding[];
    readonly job: readonly Finding[];
  };
  /** readings at injected currents, on a metering pump */
  readonly readings: readonly JudgedReading[];
  readonly checks: readonly JudgedCheck[];
  readonly patterns: readonly Pattern[];
}

/** What follows for a pump of one family. */
export interface ViewOf<F extends FamilyName> extends CommonView {
  readonly family: F;
  readonly profile: FamilyKinds[F]['profile'];
  readonly plate: FamilyKinds[F]['plate'];
  readonly duty: FamilyKinds[F]['duty'] | null;
  readonly context: FamilyKinds[F]['context'] | null;
  readonly settings: FamilyKinds[F]['settings'];
}
export type MeteringView = ViewOf<'metering'>;
export type PoolView = ViewOf<'pool'>;
export type JobView = MeteringView | PoolView;

/** Works out everything that follows from a job's document on a site date. */
export function viewJob(document: JobDocument, today: string): JobView {
  return document.profile.family === 'pool' ? viewPool(document, today) : viewMetering(document, today);
}

/** The sheet's columns as values, on top of what was left before. */
function columnsOf(document: JobDocument) {
  const rows = workingRows(document);
  const before = document.lastLeft?.values ?? {};
  const force = valuesOf(rows, 'force');
  return {
    rows,
    inForce: { ...before, ...force },
    values: {
      found: valuesOf(rows, 'found'),
      planned: { ...before, ...valuesOf(rows, 'planned') },
      force,
    },
  };
}
type Columns = ReturnType<typeof columnsOf>;

/** Findings on each column that has anything in it. A duty that cannot be computed with leaves the columns unjudged. */
function columnFindings(
  { rows, values }: Columns,
  check: ((subject: Subject, values: SettingValues) => Finding[]) | null,
): { found: Finding[]; target: Finding[]; left: Finding[] } {
  const judged = (subject: Subject, column: SettingValues, when: boolean) => {
    return check && when ? orElse(() => check(subject, column), []) : [];
  };
  return {
    found: judged('found', values.found, Object.keys(values.found).length > 0),
    target: judged(
      'target',
      values.planned,
      rows.some((row) => row.target),
    ),
    left: judged('left', values.force, Object.keys(values.force).length > 0),
  };
}

/** What readings and checks of a metering pump are expected by: worked out of the job as it stands, or as it stood. */
function meteringGround(document: JobDocument, today: string) {
  const wanted = document.plans[document.plans.length - 1]?.duty ?? document.dutyBefore;
  const duty = wanted && isDutyOf('metering', wanted) ? wanted : null;
  const columns = columnsOf(document);
  const context = duty && meteringContextOf(document, duty, columns.inForce, today);
  const profile = document.profile as MeteringProfile;
  const plate = plateOf(document) as MeteringPlate;
  const settings = meteringFamily.understand(profile, plate, columns.values.force);
  const offered = context ? orElse(() => meteringFamily.proofChecks(context, settings), []) : [];
  return { duty, columns, context, profile, plate, settings, offered };
}

function viewMetering(document: JobDocument, today: string): MeteringView {
  const ground = meteringGround(document, today);
  const { duty, columns, context, profile, plate, settings, offered } = ground;
  const { rows, values } = columns;
  const groundAt = asItStood(document, (then) => meteringGround(then, today));
  const readings = judgedReadings(document, groundAt);
  const checks = judgedChecks(
    document,
    offered,
    (revision) => groundAt(revision).offered,
    meteringFamily.judgeCheck,
  );
  const found = columnFindings(
    columns,
    context && ((subject, column) => meteringFamily.checkSettings(context, subject, column)),
  );
  return {
    family: 'metering',
    profile,
    plate,
    document,
    today,
    duty,
    context,
    parameters: inOrderOfWork(document.profile),
    rows,
    values,
    settings,
    findings: {
      found: found.found,
      target: context
        ? bySeverity([
            ...found.target,
            ...unchecked(document, rows, values.planned, meteringFamily.rolesOfMode),
          ])
        : [],
      left: found.left,
      job: bySeverity([
        ...jobFindings(
          document,
          rows,
          readings.some((reading) => reading.voided) && !readings.some(provesNow)
            ? firstVoided(readings)
            : null,
        ),
        ...meteringFindings(document, readings, checks, context),
      ]),
    },
    readings,
    checks,
    patterns: context ? patternsOf(context, settings, readings, checks) : [],
  };
}

function provesNow({ voided, verdict }: JudgedReading): boolean {
  return !voided && verdict?.ok === true;
}

/** Revision of the sheet that the first voided reading proved. */
function firstVoided(readings: readonly JudgedReading[]): number | null {
  return readings.find((reading) => reading.voided)?.entry.sheetRevision ?? null;
}

function poolGround(document: JobDocument, today: string) {
  const wanted = document.plans[document.plans.length - 1]?.duty ?? document.dutyBefore;
  const duty = wanted && isDutyOf('pool', wanted) ? wanted : null;
  const columns = columnsOf(document);
  const context: PoolContext | null = duty && poolContextOf(document, duty, columns.inForce, today);
  const profile = document.profile as PoolProfile;
  const plate = plateOf(document) as PoolPlate;
  const settings: PoolSettings = poolFamily.understand(profile, plate, columns.values.force);
  const offered = context ? orElse(() => poolFamily.proofChecks(context, settings), []) : [];
  return { duty, columns, context, profile, plate, settings, offered };
}

function viewPool(document: JobDocument, today: string): PoolView {
  const ground = poolGround(document, today);
  const { duty, columns, context, profile, plate, settings, offered } = ground;
  const { rows, values } = columns;
  const groundAt = asItStood(document, (then) => poolGround(then, today));
  const checks = judgedChecks(
    document,
    offered,
    (revision) => groundAt(revision).offered,
    poolFamily.judgeCheck,
  );
  const found = columnFindings(
    columns,
    context && ((subject, column) => poolFamily.checkSettings(context, subject, column)),
  );
  const voided = checks.find((check) => check.voidedWhy === VOIDED.set);
  const proved = checks.some(({ voided: gone, verdict }) => !gone && verdict.ok);
  return {
    family: 'pool',
    profile,
    plate,
    document,
    today,
    duty,
    context,
    parameters: inOrderOfWork(document.profile),
    rows,
    values,
    settings,
    findings: {
      ...found,
      job: bySeverity([
        ...jobFindings(document, rows, voided && !proved ? voided.record.revision : null),
        ...poolFindings(document, rows, checks, context, settings),
      ]),
    },
    readings: [],
    checks,
    patterns: context ? orElse(() => poolPatterns(context, checks), []) : [],
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
