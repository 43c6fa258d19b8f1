import type { Change } from './event';

/** What an event is called, how it is over, and what its amount is in. */
export interface EventWords {
  readonly name: string;
  /** empty for one that happens in a moment and leaves something behind: it has no end */
  readonly over: string;
  /** null where it has none */
  readonly amount: string | null;
  /** no amount is more than this */
  readonly most?: number;
  /** it needs more thought than a tap while it plays */
  readonly notByTap?: true;
}

/** The events that can be thrown at a simulated pump, by their kind. */
export type EventBook<Kind extends string = string> = Readonly<Record<Kind, EventWords>>;

/** True of an event that happens in a moment and leaves something behind: it has no end. */
export function happensAtOnce({ over }: EventWords): boolean {
  return over === '';
}

/** What can happen to any pump. */
export const POWER_CUT = {
  'power-cut': { name: 'Power cut', over: 'Power returns', amount: null },
} as const satisfies EventBook;

/** A change in words. */
export function wordsOfChange({ begins, event }: Change, book: EventBook): string {
  const words = book[event.kind];
  if (!begins) return `${words.over}.`;
  return event.amount === null || words.amount === null
    ? `${words.name}.`
    : `${words.name}: ${event.amount} ${words.amount}.`;
}
