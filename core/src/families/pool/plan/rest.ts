import { DAY_MIN } from '../../../time';
import type { PoolContext } from '../settings/context';

/** Whether the water may stand through the quiet hours. */
export function mayRest(
  { leastFlow_m3h, longestPause_min }: PoolContext['duty'],
  { from, to }: { readonly from: number; readonly to: number },
): boolean {
  const lasts_min = (to - from + DAY_MIN) % DAY_MIN;
  return leastFlow_m3h === null && (longestPause_min === null || lasts_min <= longestPause_min);
}
