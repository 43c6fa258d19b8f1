import {
  canSiphon,
  finding,
  ROLES_OF_MODE,
  type MeteringContext,
  type MeteringMode,
} from '../families/metering';
import { driftOf } from '../dosing';
import { THRESHOLDS, type Finding } from '../findings';
import { addressOf, applies, parameterAt, parameterWithRole, wordsFor, type SettingValues } from '../profile';
import { openRows, sameValue, type SheetRow } from '../sheet';
import { fig } from '../units';
import { lastDrawdown, measuredHistory, measuredStroke_mL, whyRejected } from './calibration';
import type { JobDocument, RecordKind } from './document';
import { entrySlips } from './entry-slips';
import { standing, type JudgedCheck, type JudgedReading } from './judged';
import { arrivalFindings } from './on-arrival';
import { brokenOff, lastRecord } from './records';
import { sheetRevision } from './working-sheet';

/** ANY-05: the mode changes, and settings of the new mode are neither known nor planned. */
export function unchecked(
  document: JobDocument,
  rows: readonly SheetRow[],
  planned: SettingValues,
): Finding[] {
  const { profile } = document;
  const mode = parameterWithRole(profile, 'mode');
  if (!mode) return [];
  const row = rows.find((candidate) => candidate.address === addressOf(mode));
  if (!row?.target || !row.found || row.found.value === null) return [];
  if (sameValue(row.found.value, row.target.value)) return [];
  const role = mode.options?.find((option) => option.value === row.target?.value)?.role;
  const roles = ROLES_OF_MODE[(role?.slice('mode.'.length) ?? '') as MeteringMode] ?? [];
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

/** What the job itself leaves open: clock, part-changed, proofs, volume, automatic. */
export function jobFindings(
  document: JobDocument,
  rows: readonly SheetRow[],
  readings: readonly JudgedReading[],
  checks: readonly JudgedCheck[],
  context: MeteringContext | null,
): Finding[] {
  return [
    ...clock(document),
    ...unitKept(document),
    ...partChanged(document, rows),
    ...provedThenChanged(document, readings),
    ...volume(document, readings, context),
    ...drawdown(document),
    ...drift(document),
    ...siphon(document, checks, context),
    ...entrySlips(document.profile, rows, document.entries),
    ...arrivalFindings(document),
    ...automatic(document),
    ...leftOpen(document),
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

function volume(
  document: JobDocument,
  readings: readonly JudgedReading[],
  context: MeteringContext | null,
): Finding[] {
  const sound = standing(readings).filter((reading) => reading.verdict?.ok);
  const proved = sound.length > 0 || document.records.some(({ body }) => body.kind === 'check');
  if (!context || !proved || context.duty.strokeVolume.basis === 'measured') return [];
  if (sound.some((reading) => reading.verdict?.flowOk)) return [];
  return [finding('ANY-21', 'job', { stroke: fig('strokeVolume', context.duty.strokeVolume.full_mL) })];
}

/** Records of work that may leave the pump stopped, on hold or in manual. */
const TOUCHES: ReadonlySet<RecordKind> = new Set(['check', 'calibration', 'reset']);

function automatic(document: JobDocument): Finding[] {
  const record = lastRecord(document, 'automatic');
  const tried = document.records.filter(({ body }) => TOUCHES.has(body.kind));
  const touched = Math.max(
    sheetRevision(document),
    ...document.readings.map((reading) => reading.revision),
    ...tried.map((record) => record.revision),
    0,
  );
  return record && record.revision > touched ? [] : [finding('ANY-03', 'job', {})];
}

/** ANY-17: set-up not marked complete, or its switch left on. ANY-18: a cover or door left open. */
function leftOpen(document: JobDocument): Finding[] {
  if (document.job.state === 'planned') return [];
  const record = lastRecord(document, 'automatic');
  const seen = record?.body.leaving ?? [];
  const mark = document.profile.behaviours.setUpEnd;
  return [
    ...(mark && !seen.includes('set-up') ? [finding('ANY-17', 'job', { mark })] : []),
    ...(record && !seen.includes('covers') ? [finding('ANY-18', 'job', {})] : []),
  ];
}

const FIGURE_AND_UNIT = /^\s*([\d.,]+)\s*([^\d\s].*)$/;

/**
 * ANY-19: found in another unit than the one it was left in, and with the same number: somebody changed the unit of the
 * display and kept the figure.
 */
function unitKept(document: JobDocument): Finding[] {
  const before = document.lastLeft?.values ?? {};
  return document.entries.flatMap((entry) => {
    const parameter = entry.kind === 'found' ? parameterAt(document.profile, entry.address) : undefined;
    const read = FIGURE_AND_UNIT.exec(entry.raw);
    if (!parameter || !read || read[2].trim() === parameter.unit) return [];
    const number = Number(read[1].replace(',', '.'));
    if (number !== before[parameter.key] || sameValue(entry.value, before[parameter.key])) return [];
    const values = {
      parameter: parameter.label,
      number: read[1],
      shown: read[2].trim(),
      unit: parameter.unit ?? '',
    };
    return [finding('ANY-19', 'job', values, [entry.address])];
  });
}

/** MET-12: the last drawdown of this job was rejected, with why. */
function drawdown(document: JobDocument): Finding[] {
  const last = lastDrawdown(document);
  const why = last && whyRejected(last);
  return why ? [finding('MET-12', 'job', { why })] : [];
}

/** MET-11: accepted drawdowns that fall steadily, or jumped, since the last service. */
function drift(document: JobDocument): Finding[] {
  const history = measuredHistory(document);
  const sinceService = history.slice(history.map(({ body }) => body.kind).lastIndexOf('serviced') + 1);
  const volumes = sinceService.flatMap(({ body }) =>
    body.kind === 'calibration' && whyRejected(body) === ''
      ? [(measuredStroke_mL(body) * 100) / (body.length_pct ?? 100)]
      : [],
  );
  const found = driftOf(volumes);
  if (!found) return [];
  const change = fig('percent', Math.abs(found.change) * 100);
  const way = found.change < 0 ? 'fell' : 'rose';
  return [finding(found.kind === 'fall' ? 'MET-11.fall' : 'MET-11.jump', 'job', { change, way })];
}

/** MET-26: the suction stands above the discharge, and nobody watched the stopped pump hold. */
function siphon(
  document: JobDocument,
  checks: readonly JudgedCheck[],
  context: MeteringContext | null,
): Finding[] {
  if (!context || document.job.state === 'planned' || !canSiphon(context)) return [];
  const held = checks.some(
    ({ check, verdict, superseded }) => check.key === 'holds' && verdict.ok && !superseded,
  );
  return held ? [] : [finding('MET-26.siphon', 'job', {})];
}
