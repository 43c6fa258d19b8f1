import type { PlateField, FamilyKind } from '@barythm/core/families';

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
