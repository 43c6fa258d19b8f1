import { METRIC, type Reader } from './format';

/** What of a reader's wishes goes with a write, and stands on what is frozen. */
export type UnitsWanted = 'metric' | 'us' | 'both';

export const READERS: Readonly<Record<UnitsWanted, Reader>> = {
  metric: METRIC,
  us: { ...METRIC, system: 'us' },
  both: { ...METRIC, also: 'us' },
};

let present: Reader = METRIC;

/** For whom words with figures in them are made just now: on a phone whoever holds it, on the server whoever wrote or prints. */
export function presentReader(): Reader {
  return present;
}

/** Who reads from now on: a device has one reader. */
export function readFor(wanted: UnitsWanted): void {
  present = READERS[wanted];
}

/**
 * Makes words for a reader and goes back to the one before. For work that is done when it returns: throws on a promise, whose words
 * would be made for somebody else.
 */
export function inWordsFor<T>(wanted: UnitsWanted, work: () => T): T {
  return inWordsOf(READERS[wanted], work);
}

/** The same for a reader who was asked for before: what is worked out later is in their words, whoever reads by then. */
export function inWordsOf<T>(reader: Reader, work: () => T): T {
  const before = present;
  present = reader;
  try {
    const made = work();
    if (made instanceof Promise) throw new Error('Words are made in one go.');
    return made;
  } finally {
    present = before;
  }
}
