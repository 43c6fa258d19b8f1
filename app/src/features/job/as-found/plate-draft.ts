import {
  familyOf,
  type FamilyKind,
  type IdentifyBody,
  type JobDocument,
  type JobView,
  type PlateField,
  type TellingSource,
} from '@barythm/core/families';
import { addressOf, parameterWithRole } from '@barythm/core/profile';

/** A plate as it is typed. */
export interface PlateDraft {
  readonly serial: string;
  readonly plate: Readonly<Record<string, string>>;
  readonly asProfile: boolean;
  /** what tells it to run, as seen; null while nobody looked */
  readonly source: string | null;
  readonly note: string;
}

export const EMPTY_PLATE: PlateDraft = { serial: '', plate: {}, asProfile: false, source: null, note: '' };

/** A draft that was kept on the device when each family had a card of its own: two figures, and a word. */
interface EarlierDraft extends Omit<PlateDraft, 'plate' | 'source'> {
  readonly greatest: string;
  readonly rated: string;
  readonly gear?: string | null;
  readonly kind?: string;
  readonly signalFrom?: string | null;
  readonly command?: string | null;
}

/** A kept draft in today’s form: what was typed before stays. */
export function broughtUp(
  kept: PlateDraft | EarlierDraft,
  fields: readonly PlateField<FamilyKind>[],
): PlateDraft {
  if ('plate' in kept) return kept;
  const { greatest, rated, gear, kind, signalFrom, command, ...rest } = kept;
  const figures = fields.filter(({ quantity }) => quantity !== null).map(({ key }) => key);
  const plate = { [figures[0]]: greatest, [figures[1]]: rated, gear: gear ?? '', kind: kind ?? '' };
  return { ...rest, plate, source: signalFrom ?? command ?? null };
}

export type Plate = Readonly<Record<string, string | number | null | undefined>>;

/** A plate as texts to go on from. */
export const textsOf = (plate: Plate): Record<string, string> =>
  Object.fromEntries(Object.entries(plate).map(([key, value]) => [key, String(value ?? '')]));

/** What was read, as a job records it. */
export const identified = (
  plate: IdentifyBody['plate'],
  read: Omit<PlateDraft, 'plate'>,
  source: TellingSource | null,
): IdentifyBody => ({
  kind: 'identify',
  plate,
  serial: read.serial,
  controllerAsProfile: read.asProfile,
  ...(source && read.source !== null ? source.record(read.source) : {}),
  note: read.note,
});

/** Whether the register knows anything of a unit that its plate would confirm. */
export function isRegistered({ serial, plate }: JobDocument['unit']): boolean {
  const { family: _, ...read } = textsOf(plate as Plate);
  return serial !== '' || Object.values(read).some((text) => text !== '');
}

/** Whether more was typed than what tells the pump to run. */
export const isTyped = ({ serial, plate, asProfile, note }: PlateDraft): boolean =>
  asProfile || [serial, note, ...Object.values(plate)].some((text) => text !== '');

/**
 * What is recorded where plate and controller are as registered, in one go; null where that cannot be: the register has no plate, or
 * nobody has said yet what tells the pump to run.
 *
 * @param seen what tells it, known or looked at
 */
export function asRegistered(
  { unit }: Pick<JobDocument, 'unit'>,
  source: TellingSource | null,
  seen: string | null,
): IdentifyBody | null {
  if (!isRegistered(unit) || (source !== null && seen === null)) return null;
  return identified(unit.plate, { serial: unit.serial, asProfile: true, source: seen, note: '' }, source);
}

/**
 * Settings that were read with the plate, because they are what is stamped on it; none that was read by itself.
 *
 * @param before what the plate was read as before it was read again; null the first time
 */
export function settingsOnPlate(
  { family, profile, rows }: Pick<JobView, 'family' | 'profile' | 'rows'>,
  { plate }: Pick<IdentifyBody, 'plate'>,
  before: Pick<IdentifyBody, 'plate'> | null,
): { readonly address: string; readonly raw: string; readonly unit: string; readonly value: string }[] {
  return familyOf(family).arrival.plate.flatMap(({ key, role }) => {
    const value = (plate as Plate)[key];
    const parameter = role === undefined ? undefined : parameterWithRole(profile, role);
    if (!parameter || typeof value !== 'string' || !parameter.options?.some((one) => one.value === value))
      return [];
    const address = addressOf(parameter);
    const found = rows.find((row) => row.address === address)?.found;
    // a plate that was misread is put right together with the setting that came with it
    const cameWithIt = before !== null && found?.value === (before.plate as Plate)[key];
    if (found && (!cameWithIt || found.value === value)) return [];
    return [{ address, raw: value, unit: '', value }];
  });
}
