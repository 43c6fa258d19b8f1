import { addressOf, parameterWithRole, readIn, type SettingValues } from '../../../profile';
import { lastRecord, recordsOf } from '../../../visit';
import type { Ground } from '../../parts/ground';
import type { SpaJobKind, SpaProfile, SpaJob } from '../wire/job';
import type { SpaDuty } from '../wire/duty';
import type { SpaPlate } from '../wire/plate';
import type { TableRow } from '../wire/table';

/** Everything that planning and checking one pack starts from. */
export interface SpaContext {
  readonly duty: SpaDuty;
  readonly profile: SpaProfile;
  readonly plate: SpaPlate;
  /** the site's date */
  readonly today: string;
  /** what the controller holds now, as far as is known */
  readonly inForce: SettingValues;
  /** what stood before the change of another setting put it back, and was not entered since */
  readonly putBack: SettingValues;
  /** the table that is printed in this pack where somebody copied it, else its profile's */
  readonly table: readonly TableRow[];
  /** the number as it was read back inside the set-up page, where it is seen nowhere else; null while nobody did */
  readonly readInside: number | null;
  /** by how much the display was off the thermometer on this visit, K; null where both were not read */
  readonly displayOff_K: number | null;
  /** correction of the sensor that stood when that was read, K */
  readonly offsetThen_K: number;
}

/** The table of a pack as it was copied at it: on this job, else on an earlier one at the same unit; null where nobody did. */
export function copiedTable(document: SpaJob): readonly TableRow[] | null {
  const own = lastRecord(document, 'pack-table')?.body.rows;
  if (own) return own;
  const before = (document.earlier ?? []).flatMap(({ body }) =>
    body.kind === 'pack-table' ? [body.rows] : [],
  );
  return before.at(-1) ?? null;
}

/** The table that a pack goes by: copied from inside it, else its profile's; when the heater runs as it was seen, where it does not say. */
function tableOf(profile: SpaProfile, document: SpaJob | null): readonly TableRow[] {
  const rows = printedTable(profile, document);
  const seen = new Map(
    document && [...heaterRules(document)].map(({ number, rule }) => [number, rule] as const),
  );
  return rows.map((row) => {
    const rule = row.ruleUnsaid ? seen.get(row.number) : undefined;
    if (rule === undefined) return row;
    const { ruleUnsaid: _, ...said } = row;
    return { ...said, heater: rule };
  });
}

/** The same as it is printed. */
export function printedTable(profile: SpaProfile, document: SpaJob | null): readonly TableRow[] {
  return (document && copiedTable(document)) ?? profile.behaviours.rows;
}

/** When the heater was seen to run, on this unit, the last time last. */
function heaterRules(document: SpaJob) {
  const before = (document.earlier ?? []).flatMap(({ body }) => (body.kind === 'heater-rule' ? [body] : []));
  return [...before, ...recordsOf(document, 'heater-rule').map(({ body }) => body)];
}

function readInside(document: SpaJob | null): number | null {
  const change = document && lastRecord(document, 'number-change')?.body;
  return change?.readInside ? change.readBack : null;
}

/** The sensor's correction as it was found, K; zero while nobody read it. */
function offsetFound_K(profile: SpaProfile, document: SpaJob | null): number {
  const parameter = parameterWithRole(profile, 'sensor.offset');
  if (!parameter || !document) return 0;
  const address = addressOf(parameter);
  const found = document.entries.findLast((entry) => entry.kind === 'found' && entry.address === address);
  const value = found ? found.value : document.lastLeft?.values[parameter.key];
  return readIn(parameter, 'difference', value ?? undefined) ?? 0;
}

export function contextOf({
  duty,
  profile,
  plate,
  today,
  inForce,
  putBack,
  document,
}: Ground<SpaJobKind>): SpaContext {
  const now = document && lastRecord(document, 'spa-now')?.body;
  const read = now && now.water_C !== null && now.display_C !== null ? now.display_C - now.water_C : null;
  return {
    duty,
    profile,
    plate,
    today,
    inForce,
    putBack,
    table: tableOf(profile, document),
    readInside: readInside(document),
    displayOff_K: read,
    offsetThen_K: offsetFound_K(profile, document),
  };
}
