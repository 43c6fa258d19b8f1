import { bySeverity, type Finding, type Subject } from '../findings';
import {
  familyOf,
  type AnyFamily,
  type Duty,
  type FamilyContext,
  type JobView,
  type JobDocument,
} from '../families';
import { orElse } from '../input';
import { inOrderOfWork, type SettingValues } from '../profile';
import { valuesOf } from '../sheet';
import { asItStood, plateOf } from '../visit';
import { lastLeftOf } from './believed';
import { contextOf } from './context';
import { judgedAsBelieved } from './contradicted';
import { jobFindings, unchecked } from './job-findings';
import { judged } from './judged';
import { judgedChecks } from './proof/judged-checks';
import { checksOf } from './proof/offered-checks';
import { workingRows } from './sheet/working-sheet';

export type { JobView } from '../families';

/** Works out everything that follows from a job's document on a site date. */
export function viewJob(document: JobDocument, today: string): JobView {
  const family = familyOf(document.profile.family);
  const ground = groundOf(family, document, today);
  const { duty, columns, context, settings, offered } = ground;
  const { rows, values } = columns;
  const groundAt = asItStood(document, (then) => groundOf(family, then, today));
  const readings = family.proof.readings(document, groundAt);
  const checks = judgedChecks(
    document,
    offered,
    (revision) => groundAt(revision).offered,
    (check, body, first) => family.proof.judge(check, body, first),
  );
  const found = columnFindings(family, context, columns);
  const job = { document, rows, settings, context, readings, checks };
  return {
    family: family.name,
    profile: document.profile,
    plate: plateOf(document),
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
      target: context
        ? bySeverity([
            ...found.target,
            ...unchecked(
              document,
              rows,
              values.planned,
              (option) => family.rolesOfMode(option),
              family.modeRole,
            ),
          ])
        : [],
      job: bySeverity([
        ...jobFindings(document, rows, family.proof.voidedSince({ readings, checks }), { checks, readings }),
        ...family.open(job),
      ]),
    },
    readings,
    checks,
    patterns: context ? orElse(() => family.proof.patterns({ ...job, context }), []) : [],
  };
}

/** What readings and checks are expected by: worked out of the job as it stands, or as it stood. */
function groundOf(family: AnyFamily, document: JobDocument, today: string) {
  const columns = columnsOf(document);
  const duty = dutyOf(document);
  const context = duty && contextOf(document, duty, columns.inForce, today);
  const settings = family.understand(document.profile, plateOf(document), columns.values.force);
  const offered = checksOf(family, context, settings);
  return { duty, columns, context, settings, offered };
}

/** The duty that the job goes by: the plan's, else what the pump had before; null where it is of another family. */
function dutyOf({ plans, dutyBefore, profile }: JobDocument): Duty | null {
  const duty = plans.at(-1)?.duty ?? dutyBefore;
  return duty?.family === profile.family ? duty : null;
}

/** The sheet's columns as values. What is in force is the best that is known of each: read or set on this job, else what was known before. */
function columnsOf(document: JobDocument) {
  const rows = workingRows(document);
  const believed = lastLeftOf(document);
  const force = believed?.values ?? {};
  return {
    rows,
    believed,
    inForce: force,
    values: {
      found: valuesOf(rows, 'found'),
      planned: { ...force, ...valuesOf(rows, 'planned') },
      force,
    },
  };
}

/** Findings on each column that has anything in it. */
function columnFindings(
  family: AnyFamily,
  context: FamilyContext | null,
  { rows, values, believed }: ReturnType<typeof columnsOf>,
): { found: Finding[]; target: Finding[]; left: Finding[] } {
  const on = (subject: Subject, column: SettingValues, when: boolean) =>
    context && when ? judged(family, context, subject, column) : [];
  return {
    found: on('found', values.found, Object.keys(values.found).length > 0),
    target: on(
      'target',
      values.planned,
      rows.some((row) => row.target),
    ),
    left: context && believed ? judgedAsBelieved(family, context, 'left', believed) : [],
  };
}

/** All that stands on what is left at the pump: the as-left column, and the job's own. */
export function leavingFindings(view: JobView): Finding[] {
  return bySeverity([...view.findings.job, ...view.findings.left]);
}
