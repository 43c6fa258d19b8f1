/** What is looked at and never set, in words. */
export const SEEN_WORDS = {
  lamp: 'a lamp',
  symbol: 'a sign on the display',
  page: 'a page of information',
  counter: 'a counter',
  version: 'a version',
  serial: 'a serial number',
} as const;
export type SeenAs = keyof typeof SEEN_WORDS;

/** It goes on by itself: what it showed last time says nothing of now. */
const MOVES: ReadonlySet<SeenAs> = new Set(['lamp', 'symbol', 'page', 'counter']);

/** True where what was seen last time says nothing of now: a lamp, a counter. */
export const movesByItself = ({ seen }: { readonly seen?: SeenAs }): boolean =>
  seen !== undefined && MOVES.has(seen);

/** True where somebody can set it: neither fixed in the controller nor only looked at. */
export const isSettable = ({ seen, fixed }: { readonly seen?: SeenAs; readonly fixed?: boolean }): boolean =>
  seen === undefined && !fixed;
