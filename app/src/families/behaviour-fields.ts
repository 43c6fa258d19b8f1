import type { Field } from '../form/field';
import { aChoice, aFigure, aTick, aWord, beside, rowsOf, someWords } from '../form/fields';
import { optional, word } from '../form/places';
import { CLOCK_SHOWS } from './behaviour-words';

/** Clock, resets and the end of set-up: every controller's. */
export const CLOCK_FIELDS: readonly Field[] = [
  aTick('hasClock', 'It has a clock'),
  aChoice('clockShows', 'The clock shows', CLOCK_SHOWS, { place: optional(word) }),
  aWord('resetShows', 'A factory reset shows', { place: optional(word) }),
  aWord('setUpEnd', 'How set-up is marked complete', { place: optional(word) }),
];

/** Protocols of its links, each with the addresses that it takes. */
export const PROTOCOL_FIELDS: Field = rowsOf('protocols', 'Add a protocol', [
  someWords('value', 'Value of its option'),
  beside(aFigure('least', 'Addresses from', 'plain'), aFigure('greatest', 'to', 'plain')),
]);
