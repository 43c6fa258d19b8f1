import { openEnded } from '../../findings';
import { fig, figureWithUnit, presentReader, type Quantity } from '../../units';
import { lastRecord, type HandoverFact, type AnyJob } from '../../visit';
import type { ArrivalReadings } from '../family';

/** A figure with its unit, in the units of whoever reads now. */
export const shown = (q: Quantity, value: number): string => figureWithUnit(fig(q, value), presentReader());

/** What was read on arrival, by the key of its field; null where nobody took readings. */
export interface ReadOnArrival {
  readonly figures: Readonly<Record<string, number | null>>;
  readonly unreadable: Readonly<Record<string, string>>;
  readonly state: string | null;
}

/** What of a family's readings on arrival is needed to find them again. */
type ReadWhere = Pick<ArrivalReadings<{ readonly kind: string }>, 'record' | 'fields'>;

/** The last readings on arrival of a job; null where nobody took any. */
export function readOnArrival(document: AnyJob, readings: ReadWhere): ReadOnArrival | null {
  const record = lastRecord(document, readings.record);
  if (!record) return null;
  const { unreadable = {}, state = null, ...body } = record.body as unknown as Partial<ReadOnArrival>;
  return { figures: body as ReadOnArrival['figures'], unreadable, state };
}

/** Readings on arrival in words, with why any could not be taken. */
export function arrivalFacts(document: AnyJob, readings: ReadWhere): HandoverFact[] {
  const read = readOnArrival(document, readings);
  if (!read) return [{ label: 'On arrival', words: 'no readings were taken' }];
  const words = readings.fields(document).flatMap(({ key, said, quantity }) => {
    const value = read.figures[key] ?? null;
    if (value !== null) return [`${said} ${shown(quantity, value)}`];
    const why = read.unreadable[key];
    return why === undefined ? [] : [`${said} not read (${openEnded(why.trim())})`];
  });
  return words.length === 0 ? [] : [{ label: 'On arrival', words: words.join(', ') }];
}
