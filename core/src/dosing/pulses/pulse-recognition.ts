import { InputError, requirePositive } from '../../input';

export interface RecognitionPicture {
  readonly period_ms: number;
  /** half of the shorter of closed and open time */
  readonly limit_ms: number;
  /** the longest option within the limit; null when the meter is too fast for this input */
  readonly choice_ms: number | null;
}

/**
 * Recognition time of a pulse input: the longest that is at most half of the shorter of closed and open time at the
 * greatest pulse rate. Longer ones miss pulses, shorter ones count the bounce of a mechanical contact.
 */
export function recognition(
  options_ms: readonly number[],
  pulses_ppm: number,
  closedShare: number,
): RecognitionPicture {
  requirePositive('pulses_per_min', pulses_ppm, 'The pulse rate');
  if (!(closedShare > 0 && closedShare < 1)) {
    throw new InputError('closed_share', 'The closed share must lie between 0 and 1.');
  }
  if (options_ms.length === 0) throw new InputError('options_ms', 'Enter at least one recognition time.');
  for (const option of options_ms) requirePositive('options_ms', option, 'A recognition time');
  const period_ms = 60_000 / pulses_ppm;
  const limit_ms = (period_ms * Math.min(closedShare, 1 - closedShare)) / 2;
  const within = options_ms.filter((option) => option <= limit_ms * (1 + 1e-12));
  return { period_ms, limit_ms, choice_ms: within.length > 0 ? Math.max(...within) : null };
}

/** Contacts of a meter that are still bouncing for about this long count twice on a shorter recognition time. */
export const BOUNCE_ms = 10;
