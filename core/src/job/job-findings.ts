import { familyOf, type JobDocument } from '../families';
import { anyFinding, openEnded, THRESHOLDS, type Finding } from '../findings';
import {
  addressOf,
  applies,
  clockShows,
  inOrderOfWork,
  madeOf,
  panelsFromAfar,
  parameterAt,
  parameterWithRole,
  type Profile,
  rolesIn,
  roleOfOption,
  wordsFor,
  type SettingValues,
} from '../profile';
import { openRows, sameValue, type SheetRow } from '../sheet';
import { halfADayOff, spanInWords } from '../time';
import { fig } from '../units';
import { readsItsDay } from './arrival/clock';
import {
  brokenOff,
  isSmall,
  type JudgedCheck,
  lastRecord,
  sheetRevision,
  standsAs,
  touchingKinds,
} from '../visit';
import { entrySlips } from './sheet/entry-slips';
import { arrivalFindings } from './arrival/on-arrival';

/** ANY-05: the mode changes, and settings of the new mode are neither known nor planned. */
export function unchecked(
  document: JobDocument,
  rows: readonly SheetRow[],
  planned: SettingValues,
  rolesOfMode: (option: string) => readonly string[],
  modeRole = 'mode',
): Finding[] {
  const { profile } = document;
  const mode = parameterWithRole(profile, modeRole);
  if (!mode) return [];
  const row = rows.find((candidate) => candidate.address === addressOf(mode));
  if (!row?.target || !row.found || row.found.value === null) return [];
  if (sameValue(row.found.value, row.target.value)) return [];
  const role = roleOfOption(mode, row.target.value ?? undefined, modeRole);
  const roles = rolesOfMode(role ?? '');
  const missing = inOrderOfWork(profile).filter((parameter) => {
    if (parameter.fixed || !rolesIn(parameter).some((one) => roles.includes(one))) return false;
    if (!applies(parameter, planned)) return false;
    const own = rows.find((candidate) => candidate.address === addressOf(parameter));
    return !own?.target && (own?.found?.value ?? null) === null;
  });
  if (missing.length === 0) return [];
  return [
    anyFinding(
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

/**
 * ANY-00: settings that change where no duty says what the pump is for: nothing but the controller's own limits was looked at. Before they
 * are entered it is a stop, which is accepted in writing; once they are, the paper says so. Those that are guarded by limits of their own are judged by these.
 */
export function unjudged(
  profile: Profile,
  rows: readonly SheetRow[],
  subject: 'target' | 'left',
  guarded: ReadonlySet<string>,
): Finding[] {
  const addresses = rows.flatMap((row) => {
    const parameter = parameterAt(profile, row.address);
    // what has no meaning to any family is a matter of taste: a language, a display
    const counts = parameter && rolesIn(parameter).length > 0 && !guarded.has(row.address);
    return row[subject] && counts ? [row.address] : [];
  });
  if (addresses.length === 0) return [];
  const values = { settings: labels(profile, addresses) };
  const severity = subject === 'left' ? ('warn' as const) : undefined;
  return [anyFinding('ANY-00.duty', subject, values, addresses, severity)];
}

/**
 * What the job itself leaves open on any pump: clock, part-changed, proofs, automatic. `voidedSince` is the revision that a
 * proof was made on when nothing proves the settings of now; null otherwise.
 */
export function jobFindings(
  document: JobDocument,
  rows: readonly SheetRow[],
  voidedSince: number | null,
  tried: Tried,
): Finding[] {
  return [
    ...clock(document),
    ...unitKept(document),
    ...otherController(document),
    ...partChanged(document, rows),
    ...provedThenChanged(document, voidedSince),
    ...failed(tried),
    ...entrySlips(document.profile, rows, document.entries),
    ...arrivalFindings(document),
    ...automatic(document),
    ...leftOpen(document),
  ];
}

function clock(document: JobDocument): Finding[] {
  if (!document.profile.behaviours.hasClock) return [];
  const record = lastRecord(document, 'clock');
  // a job of a few settings need not look at it
  if (!record && isSmall(document)) return [];
  if (!record) return [anyFinding('ANY-04.unchecked', 'job', {})];
  const { error_min, setRight } = record.body;
  if (error_min === null) return [anyFinding('ANY-04.unchecked', 'job', {})];
  if (setRight) return [];
  const dayless = clockShows(document.profile) !== 'time' && !readsItsDay(record.body);
  return [
    ...(dayless ? [anyFinding('ANY-04.day', 'job', {})] : []),
    ...(Math.abs(error_min) > THRESHOLDS.clockError_min
      ? [
          anyFinding(halfADayOff(error_min) ? 'ANY-04.swapped' : 'ANY-04.off', 'job', {
            error: spanInWords(Math.abs(error_min)),
            limit: fig('minutes', THRESHOLDS.clockError_min),
          }),
        ]
      : []),
  ];
}

function labels(profile: Profile, addresses: readonly string[]): string {
  return addresses.map((address) => parameterAt(profile, address)?.label ?? address).join(', ');
}

function partChanged(document: JobDocument, rows: readonly SheetRow[]): Finding[] {
  const open = openRows(rows).map((row) => row.address);
  const touched = rows.some((row) => row.left && row.found && !sameValue(row.left.value, row.found.value));
  if (open.length === 0 || (!touched && brokenOff(document) !== 'part-changed')) return [];
  return [
    anyFinding(
      'ANY-22',
      'job',
      {
        count: open.length === 1 ? 'one setting' : `${open.length} settings`,
        settings: labels(document.profile, open),
      },
      open,
    ),
  ];
}

/** What was tried at the pump: checks, and readings of a signal where the family takes them. */
interface Tried {
  readonly checks: readonly JudgedCheck[];
  readonly readings: readonly {
    readonly voided: boolean;
    readonly superseded: boolean;
    readonly verdict: { readonly ok: boolean } | null;
  }[];
}

/** ANY-21: what stands as failed. A sensor is judged by what it is off and what was entered against it, not by its first comparison. */
function failed({ checks, readings }: Tried): Finding[] {
  const points = readings.filter((reading) => standsAs(reading) && reading.verdict?.ok === false).length;
  const titles = checks
    .filter((judged) => standsAs(judged) && !judged.verdict.ok && judged.check.about?.kind !== 'sensor')
    .map(({ check }) => check.title);
  const what = [
    ...(points === 0 ? [] : [points === 1 ? 'one signal point' : `${points} signal points`]),
    ...titles,
  ];
  return what.length === 0 ? [] : [anyFinding('ANY-21.failed', 'job', { what: what.join(', ') })];
}

function provedThenChanged(document: JobDocument, voidedSince: number | null): Finding[] {
  if (voidedSince === null) return [];
  const later = document.entries.filter((entry) => entry.kind === 'left' && entry.revision > voidedSince);
  const addresses = [...new Set(later.map((entry) => entry.address))];
  return [anyFinding('ANY-20', 'job', { settings: labels(document.profile, addresses) }, addresses)];
}

/** True once a pump was made safe for work: it stands still, whatever else was done. */
function isStopped(document: JobDocument): boolean {
  return (lastRecord(document, 'make-safe')?.body.steps.length ?? 0) > 0;
}

function automatic(document: JobDocument): Finding[] {
  const touches = touchingKinds(familyOf(document.profile.family).wire.records);
  const record = lastRecord(document, 'automatic');
  const tried = document.records.filter(({ body }) => touches.has(body.kind));
  const touched = Math.max(
    sheetRevision(document),
    ...document.readings.map((reading) => reading.revision),
    ...tried.map((record) => record.revision),
    0,
  );
  // a job just begun has stopped nothing yet
  if (touched === 0 && !isStopped(document)) return [];
  return record && record.revision > touched ? [] : [anyFinding('ANY-03', 'job', {})];
}

/** ANY-11: access that stays open, or is open from afar. ANY-17: set-up not marked complete, its switch left on, or a link left in. ANY-18: a cover or door left open. */
function leftOpen(document: JobDocument): Finding[] {
  if (document.job.state === 'planned') return [];
  const record = lastRecord(document, 'automatic');
  const seen = record?.body.leaving ?? [];
  const { setUpEnd: mark, access } = document.profile.behaviours;
  const staysOpen = access && access.closesAfter_min === null && !seen.includes('access');
  return [
    ...(mark && !seen.includes('set-up') ? [anyFinding('ANY-17', 'job', { mark })] : []),
    ...(record && !seen.includes('link') ? linksMade(document).map(linkLeft) : []),
    ...(record && !seen.includes('afar') ? reachedFromAfar(document) : []),
    ...(record && staysOpen ? [anyFinding('ANY-11.left', 'job', { opens: openEnded(access.opensBy) })] : []),
    ...(record && !seen.includes('covers') ? [anyFinding('ANY-18', 'job', {})] : []),
  ];
}

/** ANY-11: panels that somebody elsewhere can use. */
function reachedFromAfar({ profile }: JobDocument): Finding[] {
  const panels = panelsFromAfar(profile);
  return panels.length === 0 ? [] : [anyFinding('ANY-11.afar', 'job', { panels: panels.join(', ') })];
}

const linkLeft = (connect: string) => anyFinding('ANY-17.link', 'job', { connect: openEnded(connect) });

/** Links between terminals by which settings were opened that were read or set on this job, each once. */
export function linksMade({ profile, entries }: Pick<JobDocument, 'profile' | 'entries'>): readonly string[] {
  const opened = inOrderOfWork(profile).flatMap((parameter) => {
    const { opensBy } = parameter;
    const done = entries.some(
      ({ address, kind, confirmed }) => kind !== 'target' && !confirmed && address === addressOf(parameter),
    );
    return opensBy?.by === 'wiring' && done ? [opensBy.connect] : [];
  });
  return [...new Set(opened)];
}

/** PRO-03: a controller of another revision or with other options than its profile was read from. */
function otherController(document: JobDocument): Finding[] {
  const seen = lastRecord(document, 'identify')?.body;
  if (!seen || seen.controllerAsProfile) return [];
  const { name, behaviours } = document.profile;
  const made = madeOf(behaviours);
  return [anyFinding('PRO-03', 'job', { profile: name, made: made === '' ? '' : ` (${made})` })];
}

const FIGURE_AND_UNIT = /^\s*(\d+(?:[.,]\d+)?)\s*([^\d\s.,].*)$/;

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
    return [anyFinding('ANY-19', 'job', values, [entry.address])];
  });
}
