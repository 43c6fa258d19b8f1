import { bySeverity, fingerprintOf, type Finding } from '../findings';
import {
  checkSettings,
  finding,
  judge,
  patternsIn,
  ROLES_OF_MODE,
  understand,
  type MeteringContext,
  type MeteringDuty,
  type MeteringSettings,
  type Pattern,
  type ReadingVerdict,
} from '../families/metering';
import {
  addressOf,
  applies,
  inOrderOfWork,
  parameterAt,
  parameterWithRole,
  wordsFor,
  type Parameter,
  type SettingValues,
} from '../profile';
import { openRows, sameValue, sheetRows, stateOf, valuesOf, type SheetRow } from '../sheet';
import { fig } from '../units';
import { THRESHOLDS } from '../findings';
import type { JobDocument, JobRecord, ProofReading, RecordBody, RecordKind } from './document';

export interface JudgedReading {
  readonly entry: ProofReading;
  readonly verdict: ReadingVerdict | null;
  /** a setting changed after it was read */
  readonly voided: boolean;
  /** the same point was read again later; this row is kept and counts no more */
  readonly superseded: boolean;
}

/** The readings that count: not voided by a change since, and the last one at each point. */
export function standing(readings: readonly JudgedReading[]): JudgedReading[] {
  return readings.filter((reading) => !reading.voided && !reading.superseded);
}

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
  readonly patterns: readonly Pattern[];
}

/** The last record of a kind, understood as that kind. */
export function lastRecord<K extends RecordKind>(
  document: JobDocument,
  kind: K,
): (JobRecord & { body: Extract<RecordBody, { kind: K }> }) | null {
  for (let i = document.records.length - 1; i >= 0; i--) {
    const record = document.records[i];
    if (record.body.kind === kind) return record as JobRecord & { body: Extract<RecordBody, { kind: K }> };
  }
  return null;
}

/** How the work stands broken off, if it does: a later *resumed* takes it back up. */
export function brokenOff(document: JobDocument): 'put-back' | 'part-changed' | null {
  const off = lastRecord(document, 'broken-off');
  const resumed = lastRecord(document, 'resumed');
  return off && (!resumed || resumed.revision < off.revision) ? off.body.way : null;
}

/**
 * The sheet with what is to be entered now as its targets. While putting back, the target of everything that was
 * changed is what was found.
 */
export function workingRows(document: JobDocument): SheetRow[] {
  const addresses = inOrderOfWork(document.profile).map((parameter) => addressOf(parameter));
  const rows = sheetRows(document.entries, addresses);
  if (brokenOff(document) !== 'put-back') return rows;
  return rows.map((row) => ({
    ...row,
    target: row.left && row.found && row.found.value !== null ? { ...row.found, kind: 'target' } : null,
  }));
}

/** Revision of the last value entered at the controller; what a reading proves. 0 before any. */
export function sheetRevision(document: JobDocument): number {
  return document.entries.reduce(
    (last, entry) => (entry.kind === 'left' ? Math.max(last, entry.revision) : last),
    0,
  );
}

/** Works out everything that follows from a job's document on a site date. */
export function viewJob(document: JobDocument, today: string): JobView {
  const identify = lastRecord(document, 'identify');
  const duty = document.plans[document.plans.length - 1]?.duty ?? document.dutyBefore;
  const plate = identify?.body.plate ?? document.unit.plate;
  const rows = workingRows(document);
  const found = valuesOf(rows, 'found');
  const before = document.lastLeft?.values ?? {};
  const force = valuesOf(rows, 'force');
  const planned = { ...before, ...valuesOf(rows, 'planned') };
  const context: MeteringContext | null = duty && {
    duty,
    profile: document.profile,
    plate,
    today,
    inForce: { ...before, ...force },
    signalFrom: identify?.body.signalFrom ?? document.pump.signalFrom,
  };
  const settings = understand(document.profile, plate, force);
  const hasTargets = rows.some((row) => row.target);
  const readings = judged(document, context, settings);
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
      job: bySeverity(jobFindings(document, rows, readings, context)),
    },
    readings,
    patterns: context
      ? patternsIn(
          context,
          settings,
          standing(readings).map((reading) => reading.entry.reading),
        )
      : [],
  };
}

function judged(
  document: JobDocument,
  context: MeteringContext | null,
  settings: MeteringSettings,
): JudgedReading[] {
  const revision = sheetRevision(document);
  return document.readings.map((entry) => ({
    entry,
    verdict: context && judge(context, settings, entry.reading),
    voided: entry.sheetRevision < revision,
    superseded: document.readings.some(
      (later) => later.revision > entry.revision && later.reading.injected_mA === entry.reading.injected_mA,
    ),
  }));
}

/** ANY-05: the mode changes, and settings of the new mode are neither known nor planned. */
function unchecked(document: JobDocument, rows: readonly SheetRow[], planned: SettingValues): Finding[] {
  const { profile } = document;
  const mode = parameterWithRole(profile, 'mode');
  if (!mode) return [];
  const row = rows.find((candidate) => candidate.address === addressOf(mode));
  if (!row?.target || !row.found || row.found.value === null) return [];
  if (sameValue(row.found.value, row.target.value)) return [];
  const role = mode.options?.find((option) => option.value === row.target?.value)?.role;
  const roles = role === 'mode.manual' ? ROLES_OF_MODE.manual : ROLES_OF_MODE.analog;
  const missing = profile.parameters.filter((parameter) => {
    if (!parameter.role || !(roles as readonly string[]).includes(parameter.role)) return false;
    if (!applies(parameter, planned)) return false;
    const own = rows.find((candidate) => candidate.address === addressOf(parameter));
    return !own?.target && (own?.found?.value ?? null) === null;
  });
  if (missing.length === 0) return [];
  return [
    finding(
      'ANY-05',
      'target',
      {
        mode: wordsFor(mode, row.target.value ?? ''),
        settings: missing.map((parameter) => parameter.label).join(', '),
      },
      missing.map((parameter) => addressOf(parameter)),
    ),
  ];
}

function jobFindings(
  document: JobDocument,
  rows: readonly SheetRow[],
  readings: readonly JudgedReading[],
  context: MeteringContext | null,
): Finding[] {
  return [
    ...clock(document),
    ...partChanged(document, rows),
    ...provedThenChanged(document, readings),
    ...volume(readings, context),
    ...automatic(document),
  ];
}

function clock(document: JobDocument): Finding[] {
  if (!document.profile.behaviours.hasClock) return [];
  const record = lastRecord(document, 'clock');
  if (!record) return [finding('ANY-04.unchecked', 'job', {})];
  const { error_min, setRight } = record.body;
  if (error_min === null) return [finding('ANY-04.unchecked', 'job', {})];
  if (setRight || Math.abs(error_min) <= THRESHOLDS.clockError_min) return [];
  return [
    finding('ANY-04.off', 'job', {
      error: fig('minutes', Math.abs(error_min)),
      limit: fig('minutes', THRESHOLDS.clockError_min),
    }),
  ];
}

function labels(document: JobDocument, addresses: readonly string[]): string {
  return addresses.map((address) => parameterAt(document.profile, address)?.label ?? address).join(', ');
}

function partChanged(document: JobDocument, rows: readonly SheetRow[]): Finding[] {
  const open = openRows(rows).map((row) => row.address);
  const touched = rows.some((row) => row.left && row.found && !sameValue(row.left.value, row.found.value));
  if (open.length === 0 || (!touched && brokenOff(document) !== 'part-changed')) return [];
  return [
    finding(
      'ANY-22',
      'job',
      {
        count: open.length === 1 ? 'one setting' : `${open.length} settings`,
        settings: labels(document, open),
      },
      open,
    ),
  ];
}

function provedThenChanged(document: JobDocument, readings: readonly JudgedReading[]): Finding[] {
  const first = readings.find((reading) => reading.voided);
  if (!first || readings.some((reading) => !reading.voided && reading.verdict?.ok)) return [];
  const later = document.entries.filter(
    (entry) => entry.kind === 'left' && entry.revision > first.entry.sheetRevision,
  );
  const addresses = [...new Set(later.map((entry) => entry.address))];
  return [finding('ANY-20', 'job', { settings: labels(document, addresses) }, addresses)];
}

function volume(readings: readonly JudgedReading[], context: MeteringContext | null): Finding[] {
  const sound = standing(readings).filter((reading) => reading.verdict?.ok);
  if (!context || sound.length === 0 || context.duty.strokeVolume.basis === 'measured') return [];
  if (sound.some((reading) => reading.verdict?.flowOk)) return [];
  return [finding('ANY-21', 'job', { stroke: fig('strokeVolume', context.duty.strokeVolume.full_mL) })];
}

function automatic(document: JobDocument): Finding[] {
  const record = lastRecord(document, 'automatic');
  const touched = Math.max(sheetRevision(document), ...document.readings.map((r) => r.revision), 0);
  return record && record.revision > touched ? [] : [finding('ANY-03', 'job', {})];
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
