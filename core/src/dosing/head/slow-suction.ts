import { InputError, requirePositive } from '../../input';
import { CAPACITY_MARGIN_LEAST } from '../full-rate';

/**
 * The slowest suction step that still gives the needed greatest flow with 10 % margin, as the share of capacity the
 * profile states for it; null when not even the fastest does: then no step is right, but a bigger pump, a flooded
 * suction or a degassing head.
 */
export function slowestSuction(
  rated_lph: number,
  needed_lph: number,
  shares: readonly number[],
): number | null {
  requirePositive('rated_lph', rated_lph, 'The rated flow');
  requirePositive('need_lph', needed_lph, 'The needed flow');
  if (shares.length === 0) throw new InputError('shares', 'Enter at least one share.');
  for (const share of shares) {
    if (!(share > 0 && share <= 1)) throw new InputError('shares', 'A share must be above 0 and at most 1.');
  }
  const enough = shares.filter(
    (share) => rated_lph * share >= needed_lph * (1 + CAPACITY_MARGIN_LEAST) * (1 - 1e-12),
  );
  return enough.length > 0 ? Math.min(...enough) : null;
}
