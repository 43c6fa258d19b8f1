import { anyFinding, type AnyTextId, type Finding } from '../../findings';
import {
  addressOf,
  inOrderOfWork,
  keyAt,
  parameterAt,
  wordsFor,
  type Parameter,
  type Profile,
} from '../../profile';
import { sameValue, stateOf, type SheetEntry, type SheetRow } from '../../sheet';

type Entries = readonly SheetEntry[];

/** A knob or a gear is turned by hand: no key press can land in the setting beside it. */
const NO_KEYS: ReadonlySet<Parameter['entry']> = new Set(['knob', 'mechanical', 'switches']);

/**
 * The settings one press away: before and after in the controller's own order, and the same one in the slots beside it,
 * entered by keys. A short or bounced press, or the wrong slot, puts a value there.
 */
export function neighboursOf(profile: Profile, address: string): string[] {
  const keyed = inOrderOfWork(profile).filter(
    ({ entry, seen, fixed }) => !NO_KEYS.has(entry) && seen === undefined && !fixed,
  );
  const at = keyed.findIndex((parameter) => addressOf(parameter) === address);
  if (at < 0) return [];
  const [key, index = '1'] = keyed[at].key.split('/');
  const slots = [Number(index) - 1, Number(index) + 1].map((slot) => keyAt(key, slot));
  const beside = keyed.filter(
    (parameter, i) => Math.abs(i - at) === 1 || (i !== at && slots.includes(parameter.key)),
  );
  return beside.map((parameter) => addressOf(parameter));
}

/** True when the display still shows what was found although another value was entered (ANY-06). */
export function neverStored(row: SheetRow): boolean {
  return stateOf(row) === 'differs' && sameValue(row.left?.value, row.found?.value);
}

/**
 * Neighbours of a value that did not take, not read since: they may hold it (ANY-07, ANY-08). The setting cannot be
 * entered again before each has been read.
 */
export function owedNeighbours(profile: Profile, rows: readonly SheetRow[], address: string): string[] {
  const row = rows.find((candidate) => candidate.address === address);
  const failed = row?.left;
  if (!row || !failed || !neverStored(row)) return [];
  return neighboursOf(profile, address).filter((beside) => {
    const other = rows.find((candidate) => candidate.address === beside);
    if (!other?.found || other.found.value === null) return false;
    // what is still to be entered is read back then
    if (['to-do', 'differs'].includes(stateOf(other))) return false;
    return Math.max(other.found.revision, other.left?.revision ?? 0) < failed.revision;
  });
}

/** True when a setting was read back changed, and no plan ever asked for that value. */
export function isStray(row: SheetRow, entries: Entries): boolean {
  const { found, left } = row;
  if (!found || found.value === null || !left || sameValue(left.value, found.value)) return false;
  return !entries.some(
    (entry) => entry.kind === 'target' && entry.address === row.address && sameValue(entry.value, left.value),
  );
}

/** ANY-06 opened but never stored; ANY-07 another setting edited; ANY-08 the value meant for one went into another. */
export function entrySlips(profile: Profile, rows: readonly SheetRow[], entries: Entries): Finding[] {
  return rows.flatMap((row) => {
    const parameter = parameterAt(profile, row.address);
    if (!parameter) return [];
    if (neverStored(row)) {
      return [
        slip('ANY-06', row, {
          parameter: parameter.label,
          found: wordsOf(parameter, row.found),
          target: wordsOf(parameter, row.target),
        }),
      ];
    }
    const meantFor = isStray(row, entries) ? neighboursOf(profile, row.address) : [];
    if (meantFor.length === 0) return [];
    // only a value that another setting failed to take tells that the keys went astray
    const failed = rows.find((other) => meantFor.includes(other.address) && everFailed(other, entries));
    if (!failed) return [];
    const meant = parameterAt(profile, failed.address);
    const values = {
      parameter: parameter.label,
      found: wordsOf(parameter, row.found),
      left: wordsOf(parameter, row.left),
      meant: meant?.label ?? failed.address,
    };
    return [slip(tookTheValue(row, failed, entries) ? 'ANY-08' : 'ANY-07', row, values)];
  });
}

/** An entry that read back as found, whether or not it was put right later. */
function everFailed(row: SheetRow, entries: Entries): boolean {
  const targets = entries.filter(
    ({ kind, address, value }) => kind === 'target' && address === row.address && value !== null,
  );
  if (!targets.some((target) => !sameValue(target.value, row.found?.value))) return false;
  return entries.some(
    (entry) =>
      entry.kind === 'left' && entry.address === row.address && sameValue(entry.value, row.found?.value),
  );
}

function tookTheValue(stray: SheetRow, failed: SheetRow, entries: Entries): boolean {
  return entries.some(
    (entry) =>
      entry.kind === 'target' &&
      entry.address === failed.address &&
      sameValue(entry.value, stray.left?.value),
  );
}

function slip(text: AnyTextId, row: SheetRow, values: Record<string, string>): Finding {
  return anyFinding(text, 'job', values, [row.address]);
}

function wordsOf(parameter: Parameter, entry: SheetEntry | null): string {
  if (!entry || entry.value === null) return '–';
  const words = wordsFor(parameter, entry.value);
  return parameter.unit && parameter.unit !== '-' ? `${words} ${parameter.unit}` : words;
}
