import { requirePositive } from '../input';
import type { FullCurve } from './head-line';

/** A pump at its rated frequency: head = closed_m + rise·q − fall·q². */
export interface RatedPump extends FullCurve {
  readonly rated_hz: number;
}

/** Frequency at which a pump just holds a head against a shut valve: f_n·√(H/H0), Hz. Below it nothing flows. */
export function closedFrequency_hz({ rated_hz, closed_m }: RatedPump, head_m: number): number {
  requirePositive('set_m', head_m, 'The set head');
  requirePositive('closed_m', closed_m, 'The head at no flow');
  return rated_hz * Math.sqrt(head_m / closed_m);
}

/** Flow of a pump at a share of its rated frequency against a head, m³/h: the greater root of H(q) = head; null where it cannot reach it. */
export function flowAgainst_m3h(
  { closed_m, rise, fall }: FullCurve,
  head_m: number,
  share: number,
): number | null {
  const b = rise * share;
  const root = b * b + 4 * fall * (closed_m * share * share - head_m);
  if (root < 0) return null;
  const flow = (b + Math.sqrt(root)) / (2 * fall);
  return flow < 0 ? null : flow;
}

/**
 * Flow under which a drive stops that ends its run below a frequency, m³/h: where the curve at the stop frequency meets the set
 * head. Null where it never stops: even shut off it turns faster than that.
 */
export function stopFlow_m3h(pump: RatedPump, head_m: number, stop_hz: number): number | null {
  const share = stop_hz / pump.rated_hz;
  if (pump.closed_m * share * share - head_m <= 0) return null;
  return flowAgainst_m3h(pump, head_m, share);
}
