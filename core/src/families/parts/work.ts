import type { Form, Texts } from '../../describe';
import type { Reader } from '../../units';
import type { RecordBodyOf } from '../../visit';
import type { FamilyKind } from '../kind';
import type { ViewOf } from '../view';

/** A wait that is timed beside the work that it belongs to. */
export interface Wait {
  /** what is waited for, as a button names it: “Time the discharge” */
  readonly words: string;
  readonly lasts_s: number;
  /** the field of the form that takes the minutes */
  readonly field: string;
  /** what to keep to meanwhile, where its end does harm or something may start */
  readonly meanwhile?: string;
}

/** What was recorded, as it reads on its card, and how well that is. */
export interface WorkSaid {
  readonly words: string;
  readonly verdict: 'good' | 'poor' | 'bad' | null;
}

/**
 * Work that is written down beside the settings: a card with the fields of its record, painted, checked and kept alike for every family.
 *
 * @example
 * const salt: Work<PoolKind, 'salt'> = {
 *   kind: 'salt',
 *   title: 'Salt',
 *   form: () => recordForm(saltSchema),
 *   said: ({ panel_gl }, _view, reader) => ({ words: say('strength', panel_gl, reader), verdict: null }),
 * };
 */
export interface WorkOf<K extends FamilyKind, Body extends RecordBodyOf<K>> {
  readonly kind: Body['kind'];
  readonly title: string;
  /** whether this pump has such work; every one where left out */
  there?(view: ViewOf<K>): boolean;
  /** said before it is done; what can hurt somebody stands out */
  caution?(view: ViewOf<K>, reader: Reader): string;
  readonly note?: string;
  /** what is asked for */
  form(view: ViewOf<K>): Form<Body>;
  /** what follows from what is typed so far */
  follows?(texts: Texts, view: ViewOf<K>, reader: Reader): string | null;
  said(body: Body, view: ViewOf<K>, reader: Reader): WorkSaid;
  /** true where a later one stands in place of those before */
  readonly lastCounts?: true;
  /** a wait that belongs to it, and the field that takes how long it was; null where none is to be waited for just now */
  wait?(texts: Texts, view: ViewOf<K>): Wait | null;
  /** what stands in the form once one was recorded */
  next?(body: Body, view: ViewOf<K>): object;
}
/** Work of one kind of record. */
export type Work<K extends FamilyKind, Kind extends string> = WorkOf<
  K,
  Extract<RecordBodyOf<K>, { readonly kind: Kind }>
>;

/** Work of any of its kinds. */
export type AnyWork<K extends FamilyKind> = WorkOf<K, RecordBodyOf<K>>;
