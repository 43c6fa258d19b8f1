import type { ReadingField, ReadOnArrival } from '@barythm/core/families';
import type { optionalFigure } from '../../../kit/value';

/** Readings as they are being typed. */
export interface ReadingsDraft {
  readonly texts: Readonly<Record<string, string>>;
  /** why one could not be read */
  readonly unread: Readonly<Record<string, string>>;
  /** how a figure was come by */
  readonly by: Readonly<Record<string, string>>;
  readonly state: string | null;
}
export const EMPTY_READINGS: ReadingsDraft = { texts: {}, unread: {}, by: {}, state: null };

/** What was read before, as it is typed again: in the program's own units, as every bare figure is. */
export function draftOf(read: ReadOnArrival | null): ReadingsDraft {
  if (!read) return EMPTY_READINGS;
  const texts = Object.entries(read.figures).flatMap(([key, value]) =>
    typeof value === 'number' ? [[key, String(value)]] : [],
  );
  return { texts: Object.fromEntries(texts), unread: read.unreadable, by: {}, state: read.state };
}

/** What a device may still keep of the two cards that there were before: a rate and how it was counted, or one reason for all. */
interface EarlierDraft extends Partial<ReadingsDraft> {
  readonly rateBy?: string | null;
  readonly why?: string;
}

/** Kept readings in today's form: nothing typed is lost. */
export function broughtUp(
  kept: ReadingsDraft | EarlierDraft,
  fields: readonly ReadingField[],
): ReadingsDraft {
  const { rateBy, why = '', ...rest } = kept as EarlierDraft;
  const texts = rest.texts ?? {};
  const blank = fields.filter(({ key }) => (texts[key] ?? '').trim() === '');
  const unread = why.trim() === '' ? {} : Object.fromEntries(blank.map(({ key }) => [key, why.trim()]));
  return {
    texts,
    unread: { ...unread, ...rest.unread },
    by: { ...(rateBy ? { rate_spm: rateBy } : {}), ...rest.by },
    state: rest.state ?? null,
  };
}

/** What keeps the readings from being recorded, in words; null when nothing does. */
export function faultOf(
  draft: ReadingsDraft,
  figures: Readonly<Record<string, ReturnType<typeof optionalFigure>>>,
  asksState: boolean,
): string | null {
  const all = Object.values(figures);
  if (asksState && draft.state === null) return 'Say what it was doing.';
  if (Object.values(draft.unread).some((why) => why.trim() === '')) return 'Say why it could not be read.';
  if (all.some(({ error }) => error)) return 'Put the marked figure right first.';
  const nothing = all.every(({ value }) => value === null) && Object.keys(draft.unread).length === 0;
  return nothing ? 'Enter at least one reading, or say what could not be read.' : null;
}
