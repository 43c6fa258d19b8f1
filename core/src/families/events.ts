import { scenarioSchemaOf, type EventBook } from '../bench';
import { FAMILIES } from './all';

/** Everything that can be thrown at a simulated pump of any family. */
export const EVENT_WORDS: EventBook = Object.assign(
  {},
  ...Object.values(FAMILIES).map(({ bench }) => bench.words),
);

/** A day or a week of water, and what happens in it. */
export const scenarioSchema = scenarioSchemaOf(EVENT_WORDS);
