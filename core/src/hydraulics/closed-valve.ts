import { requirePositive } from '../input';

/** A pump at its rated frequency: head = closed_m − fall·q². */
export interface RatedPump {
  readonly rated_hz: number;
  readonly closed_m: number;
  readonly fall: number;
}

/** Frequency at which a pump just holds a head against a shut valve: f_n·√(H/H0), Hz. Below it nothing flows. */
export function closedFrequency_hz({ rated_hz, closed_m }: RatedPump, head_m: number): number {
  requirePositive('set_m', head_m, 'The set head');
  requirePositive('closed_m', closed_m, 'The head at no flow');
  return rated_hz * Math.sqrt(head_m / closed_m);
}

/**
 * Flow under which a drive stops that ends its run below a frequency, m³/h: where the curve at the stop frequency meets the set
 * head. Null where it never stops: even shut off it turns faster than that.
 */
export function stopFlow_m3h(pump: RatedPump, head_m: number, stop_hz: number): number | null {
  const share = stop_hz / pump.rated_hz;
  const left = pump.closed_m * share * share - head_m;
  return left <= 0 ? null : Math.sqrt(left / pump.fall);
}
