import type { Earlier, JobDocument } from '../../families';
import { lastRecord, type OfKind } from '../../visit';
import type { RecordBody } from '../../families';
import { siteDate } from '../../time';

/** What those who live with a pump are told beside its settings; empty where nobody wrote it down. */
export type Told = Omit<OfKind<RecordBody, 'for-owner'>, 'kind'>;

const NOTHING: Told = { stopAt: '', keeper: '', call: '' };

/** As it was written last, on this job or on one before it. */
export function toldToOwner(document: JobDocument): Told {
  const earlier = (document.earlier ?? []).map(({ body }) => body);
  const before = earlier.filter((body) => body.kind === 'for-owner').at(-1);
  return lastRecord(document, 'for-owner')?.body ?? before ?? NOTHING;
}

/** What goes on to the next job at the same place, whatever unit stands there then. */
export function toldLeft(document: JobDocument): Earlier[] {
  const own = lastRecord(document, 'for-owner');
  if (own) return [{ date: siteDate(own.recordedAt, document.site.zone), body: own.body }];
  return (document.earlier ?? []).filter(({ body }) => body.kind === 'for-owner').slice(-1);
}

/** Figures in a row where a person or a place is asked for: a code that was written down. */
const CODE = /\d{3}/;

/** As much of each as leaves the page one page. */
const MOST_SIGNS = 300;

/** Why what was typed for those who live with it is not taken, by its field; null where it is. */
export function toldFault(told: Told): { readonly field: keyof Told; readonly words: string } | null {
  if (CODE.test(told.keeper))
    return { field: 'keeper', words: 'Say who keeps the code, never the code itself: no figures here.' };
  const { stopAt, keeper, call } = told;
  for (const [field, words] of Object.entries({ stopAt, keeper, call }))
    if (words.length > MOST_SIGNS)
      return {
        field: field as keyof Told,
        words: `Up to ${MOST_SIGNS} signs, so that it stays one page; these are ${words.length}.`,
      };
  if ([stopAt, keeper, call].every((words) => words.trim() === ''))
    return { field: 'stopAt', words: 'Write one of the three, or leave it.' };
  return null;
}
