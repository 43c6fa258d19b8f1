import type { Ask, AskedFigure, CheckVerdict, FiguresRead } from '../../../proof';

/** A rate that strokes are counted against. */
interface Counted {
  readonly expected_spm: number;
  /** what the pump itself may be off by, apart from the count */
  readonly allowed_spm: number;
}

const COUNT: readonly AskedFigure[] = [
  { key: 'strokes', label: 'Strokes counted', quantity: 'strokes', least: 'at-least-0' },
  { key: 'seconds', label: 'Over', quantity: 'seconds', least: 'more-than-0' },
];

/** A stroke more or less may be a fifth of a count at most: what is shorter proves nothing. */
export const COUNT_SHARE = 0.2;
/** Nobody counts longer than this: at a rate slower than that of a stroke in it the count is what it is. */
export const COUNT_LONGEST_s = 600;

/** Seconds that a count at a rate must last so that one stroke is no more than its share; 0 for a pump that must stand still. */
export function countTime_s(expected_spm: number): number {
  if (expected_spm <= 0) return 0;
  return Math.min(COUNT_LONGEST_s, 60 / (COUNT_SHARE * expected_spm));
}

/** The words for a count that was too short to prove anything, with how long would do; null for one that was not. */
export function tooShort(expected_spm: number, seconds: number): string | null {
  const enough_s = countTime_s(expected_spm);
  if (seconds >= enough_s * (1 - 1e-9)) return null;
  return `${Math.round(seconds)} s are too short to prove it: count for ${Math.ceil(enough_s / 5) * 5} s`;
}

/** Strokes counted over a time, against a rate. */
export function askCount(rate: Counted): Extract<Ask, { kind: 'figures' }> {
  return { kind: 'figures', figures: COUNT, timed: true, judge: (read) => judgeCount(rate, read) };
}

/** Judges a count against a rate. */
export function judgeCount(ask: Counted, { strokes, seconds }: FiguresRead): CheckVerdict {
  if (!Number.isFinite(strokes) || !(seconds > 0)) return { ok: false, seen: 'not counted', pattern: null };
  const rate = (strokes * 60) / seconds;
  const seen = `${strokes} strokes in ${seconds} s, ${rate.toFixed(1)} strokes/min`;
  const short = tooShort(ask.expected_spm, seconds);
  if (short) return { ok: false, seen: `${seen}; ${short}`, pattern: null };
  const off = Math.abs(rate - ask.expected_spm);
  return { ok: off <= ask.allowed_spm + 60 / seconds + 1e-9, seen, pattern: null };
}
