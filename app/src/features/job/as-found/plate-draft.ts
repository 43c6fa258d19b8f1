import type {
  FamilyKind,
  IdentifyBody,
  JobDocument,
  PlateField,
  TellingSource,
} from '@barythm/core/families';

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

/**
 * What is recorded where plate and controller are as registered, in one go; null where that cannot be: the register has no plate, or
 * what tells the pump to run has to be looked at.
 */
export function asRegistered(
  document: Pick<JobDocument, 'unit' | 'pump'>,
  source: TellingSource | null,
): IdentifyBody | null {
  const { serial, plate } = document.unit;
  const known = source === null || source.known(document as JobDocument) !== null;
  const { family: _, ...read } = textsOf(plate as Plate);
  if (!known || (serial === '' && Object.values(read).every((text) => text === ''))) return null;
  const from = source?.known(document as JobDocument) ?? null;
  return identified(plate, { serial, asProfile: true, source: from, note: '' }, source);
}
