import { InputError } from '../input';

/** The low end of a current range; both end at 20 mA. */
export type RangeLow_mA = 0 | 4;

const HIGH_mA = 20;

/** Share of a range (0…1) that a current stands for. Not clamped. */
export function shareOfRange(low_mA: RangeLow_mA, x_mA: number): number {
  return (x_mA - low_mA) / (HIGH_mA - low_mA);
}

/** Current that stands for a share of a range. */
export function currentForShare(low_mA: RangeLow_mA, share: number): number {
  return low_mA + share * (HIGH_mA - low_mA);
}

/**
 * What a pump reads when its input is set to another range than the transmitter sends.
 * `sent` is the transmitter's share of span (0…1); the answer is the share the pump runs at, clamped to 0…1.
 * Both ranges meet at 20 mA, so a mismatch shows at low signal only.
 */
export function shareUnderMismatch(sentLow_mA: RangeLow_mA, readLow_mA: RangeLow_mA, sent: number): number {
  if (sent < 0 || sent > 1 || !Number.isFinite(sent)) {
    throw new InputError('sent', 'The share of the transmitter’s span must lie between 0 and 1.');
  }
  const read = shareOfRange(readLow_mA, currentForShare(sentLow_mA, sent));
  return Math.min(1, Math.max(0, read));
}

export interface RangeMismatch {
  readonly sentLow_mA: RangeLow_mA;
  readonly readLow_mA: RangeLow_mA;
  /** share of full rate that the pump gives at no flow */
  readonly atZeroFlow: number;
  /** share of the transmitter's span up to which the pump stands still */
  readonly stoppedUpTo: number;
}

/** The figures of a mismatch, or null when both ends use the same range. */
export function rangeMismatch(sentLow_mA: RangeLow_mA, readLow_mA: RangeLow_mA): RangeMismatch | null {
  if (sentLow_mA === readLow_mA) return null;
  return {
    sentLow_mA,
    readLow_mA,
    atZeroFlow: shareUnderMismatch(sentLow_mA, readLow_mA, 0),
    stoppedUpTo: Math.max(0, shareOfRange(sentLow_mA, readLow_mA)),
  };
}
