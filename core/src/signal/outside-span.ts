/** Spans of the signals by which an outside controller asks for a speed or a rate. */
export const OUTSIDE_SPANS = {
  '4-20': { words: '4–20 mA', unit: 'mA', low: 4, high: 20 },
  '0-20': { words: '0–20 mA', unit: 'mA', low: 0, high: 20 },
  '2-10': { words: '2–10 V', unit: 'V', low: 2, high: 10 },
  '0-10': { words: '0–10 V', unit: 'V', low: 0, high: 10 },
} as const;
export type OutsideSpan = keyof typeof OUTSIDE_SPANS;

/** A live zero: its lowest signal is more than nothing, so that a broken wire can be told from it. */
export function hasLiveZero(span: OutsideSpan): boolean {
  return OUTSIDE_SPANS[span].low > 0;
}

/**
 * Share (0…1) at which an input set for one span takes a share of another: the line through the ends of the span that is set, held at
 * its ends. Null where one is a current and the other a voltage: neither is read as the other.
 */
export function shareTaken(set: OutsideSpan, sent: OutsideSpan, share: number): number | null {
  const [reads, gives] = [OUTSIDE_SPANS[set], OUTSIDE_SPANS[sent]];
  if (reads.unit !== gives.unit) return null;
  const signal = gives.low + share * (gives.high - gives.low);
  return Math.min(1, Math.max(0, (signal - reads.low) / (reads.high - reads.low)));
}
