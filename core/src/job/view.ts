import { bySeverity, type Finding } from '../findings';
import {
  familyOf,
  type AnyFamily,
  type AnyKind,
  type Duty,
  type FamilyContext,
  type JobGround,
  type JobView,
  type JobDocument,
} from '../families';
import { orElse } from '../input';
import { inOrderOfWork, withFixed, type SettingValues } from '../profile';
import type { ProofCheck } from '../proof';
import { valuesOf } from '../sheet';
import { lazily, presentReader, type Reader } from '../units';
import { asItStood, isSmall, plateOf } from '../visit';
import { lastLeftOf } from './believed';
import { contextOf } from './context';
import { judgedAsBelieved } from './contradicted';
import { jobFindings, unchecked, unjudged } from './job-findings';
import { judgedBy } from './answers';
import { guardedChanges, limitsAlone, unguarded } from './guarded';
import { judged } from './judged';
import { openOfSmall } from './small-findings';
import { judgedChecks } from './proof/judged-checks';
import { offeredOn } from './proof/offered-checks';
import { workingRows } from './sheet/working-sheet';

export type { JobView } from '../families';

interface Known {
  readonly today: string;
  readonly reader: Reader;
  readonly view: JobView;
}

/** A document never changes in place: what follows from it on a day is worked out once, in the words of whoever reads. */
const views = new WeakMap<JobDocument, Known>();

/** Everything that follows from a job's document on a site date; each part of it is worked out when it is asked for, and once. */
export function viewJob(document: JobDocument, today: string): JobView {
  const known = views.get(document);
  const reader = presentReader();
  if (known && known.today === today && known.reader === reader) return known.view;
  const view = viewOf(document, today);
  views.set(document, { today, reader, view });
  return view;
}

function viewOf(document: JobDocument, today: string): JobView {
  const { profile } = document;
  const family = familyOf(profile.family);
  const ground = groundOf(family, document, today);
  const groundAt = asItStood(document, (then) => groundOf(family, then, today));
  const judgedJob = (): JobGround<AnyKind> => {
    const { rows, settings, context, readings, checks } = view;
    return { document, rows, settings, context, readings, checks };
  };
  const view: JobView = lazily<JobView>({
    family: () => family.name,
    profile: () => profile,
    plate: () => plateOf(document),
    document: () => document,
    today: () => today,
    duty: () => ground.duty,
    context: () => ground.context,
    judging: () => ground.judging,
    parameters: () => inOrderOfWork(profile),
    rows: () => ground.columns.rows,
    values: () => ground.columns.values,
    settings: () => ground.settings,
    readings: () => family.proof.readings(document, groundAt),
    checks: () =>
      judgedChecks(
        document,
        ground.offered,
        (revision) => groundAt(revision).offered,
        (check, body, first) => family.proof.judge(check, body, first),
      ),
    findings: () =>
      lazily<JobView['findings']>({
        found: () => foundFindings(family, ground, document),
        target: () => targetFindings(family, ground, document),
        left: () => leftFindings(family, ground, document),
        job: () => openFindings(family, judgedJob(), () => ground.offered),
      }),
    patterns: () => {
      const { context } = ground;
      return context ? orElse(() => family.proof.patterns({ ...judgedJob(), context }), []) : [];
    },
  });
  return view;
}

/** What readings and checks are expected by, and findings start from: of the job as it stands, or as it stood. */
interface Standing {
  readonly duty: Duty | null;
  readonly columns: ReturnType<typeof columnsOf>;
  readonly context: FamilyContext | null;
  /** what settings are judged by: the same, else what is known of a duty that is not whole */
  readonly judging: FamilyContext | null;
  readonly settings: JobView['settings'];
  readonly offered: readonly ProofCheck[];
}

function groundOf(family: AnyFamily, document: JobDocument, today: string): Standing {
  const ground: Standing = lazily<Standing>({
    duty: () => dutyOf(document),
    columns: () => columnsOf(document),
    context: () => ground.duty && contextOf(document, ground.duty, ground.columns.inForce, today),
    judging: () => {
      if (ground.context) return ground.context;
      const part = judgedBy(document);
      return part && contextOf(document, part, ground.columns.inForce, today);
    },
    settings: () => family.understand(document.profile, plateOf(document), ground.columns.values.force),
    offered: () => {
      const { context, settings, columns } = ground;
      const { rows, values } = columns;
      return offeredOn(family, { document, context, settings, rows, foundValues: values.found, today });
    },
  });
  return ground;
}

/** What stands open on the job itself: of any pump, and of its family. */
function openFindings(
  family: AnyFamily,
  job: JobGround<AnyKind>,
  offered: () => readonly ProofCheck[],
): Finding[] {
  const { document, rows, checks, readings } = job;
  const since = family.proof.voidedSince({ readings, checks });
  const own = isSmall(document) ? openOfSmall(family, job, offered()) : family.open(job);
  return bySeverity([...jobFindings(document, rows, since, { checks, readings }), ...own]);
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
  const fixed = (values: SettingValues) => withFixed(document.profile, values);
  const force = fixed(believed?.values ?? {});
  return {
    rows,
    believed,
    inForce: force,
    values: {
      found: fixed(valuesOf(rows, 'found')),
      planned: { ...force, ...valuesOf(rows, 'planned') },
      force,
    },
  };
}

const isPart = ({ text }: Finding) => text === 'ANY-00.part';

/** Findings on a duty that is not whole: what was not looked at is a stop before it is set, and a warning on what is left. */
export function lookedAtInPart(
  findings: readonly Finding[],
  subject: 'found' | 'target' | 'left',
): Finding[] {
  if (subject === 'found') return [...findings];
  const severity = subject === 'target' ? 'stop' : 'warn';
  return bySeverity(findings.map((one) => (isPart(one) ? { ...one, severity } : one)));
}

function foundFindings(family: AnyFamily, ground: Standing, document: JobDocument): Finding[] {
  const { judging, columns } = ground;
  const wasRead = columns.rows.some(({ found }) => found !== null && found.value !== null);
  if (!judging || !wasRead) return [];
  return inParts(ground, document, judged(family, judging, 'found', columns.values.found));
}

/**
 * Findings on a column of a duty that is not whole. On a job of a few settings what guards each of them says what is lacking; on a whole
 * one what was not looked at is a stop before it is set, and on what is left a warning.
 */
function inParts(
  { context, columns }: Standing,
  document: JobDocument,
  findings: readonly Finding[],
  subject: 'found' | 'target' | 'left' = 'found',
): Finding[] {
  if (context) return [...findings];
  if (!isSmall(document)) return lookedAtInPart(findings, subject);
  const rest = findings.filter((one) => !isPart(one));
  if (subject === 'found') return rest;
  const { rows } = columns;
  const changes = guardedChanges(document, rows, subject);
  const guarded = new Set(changes.map(({ address }) => address));
  return bySeverity([
    ...unguarded(document, changes, subject),
    ...limitsAlone(changes, subject),
    ...unjudged(document.profile, rows, subject, guarded),
    ...rest,
  ]);
}

/** On the plan, and on what the mode it plans was not looked at for. */
function targetFindings(family: AnyFamily, ground: Standing, document: JobDocument): Finding[] {
  const { judging, columns } = ground;
  const { rows, values } = columns;
  if (!judging) return [];
  const onTarget = rows.some((row) => row.target) ? judged(family, judging, 'target', values.planned) : [];
  return bySeverity([
    ...(rows.some((row) => row.target) ? inParts(ground, document, onTarget, 'target') : []),
    ...unchecked(document, rows, values.planned, (option) => family.rolesOfMode(option), family.modeRole),
  ]);
}

function leftFindings(family: AnyFamily, ground: Standing, document: JobDocument): Finding[] {
  const { judging, columns } = ground;
  if (!judging || !columns.believed) return [];
  return inParts(ground, document, judgedAsBelieved(family, judging, 'left', columns.believed), 'left');
}

/** All that stands on what is left at the pump: the as-left column, and the job's own. */
export function leavingFindings(view: JobView): Finding[] {
  return bySeverity([...view.findings.job, ...view.findings.left]);
}
