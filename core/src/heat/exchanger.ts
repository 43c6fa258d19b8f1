import { InputError, requireFinite, requirePositive } from '../input';

/** Where both streams hold nearly the same heat the general formula divides nil by nil. */
const ALIKE = 1e-6;

/** Heat that a stream holds for each kelvin, kW/K: flow times heat capacity. */
export function stream_kWK(flow_kgs: number, heat_kJkgK: number): number {
  return flow_kgs * heat_kJkgK;
}

/**
 * Effectiveness of a counter-flow cooler: ε = (1 − e^(−NTU(1−Cr)))/(1 − Cr·e^(−NTU(1−Cr))), NTU/(1 + NTU) at Cr = 1.
 *
 * @param ntu transfer units, UA/C_min
 * @param ratio C_min/C_max, from 0 to 1
 */
export function effectiveness(ntu: number, ratio: number): number {
  if (1 - ratio < ALIKE) return ntu / (1 + ntu);
  const left = Math.exp(-ntu * (1 - ratio));
  return (1 - left) / (1 - ratio * left);
}

/** Transfer units of an effectiveness: ln((1 − ε·Cr)/(1 − ε))/(1 − Cr), ε/(1 − ε) at Cr = 1. Inverse of `effectiveness`. */
export function transferUnits(eff: number, ratio: number): number {
  if (1 - ratio < ALIKE) return eff / (1 - eff);
  return Math.log((1 - eff * ratio) / (1 - eff)) / (1 - ratio);
}

/** Product and coolant at a cooler. */
export interface Cooling {
  readonly product_kWK: number;
  readonly coolant_kWK: number;
  readonly product_C: number;
  readonly coolant_C: number;
}

/** What leaves a counter-flow cooler. */
export interface Cooled {
  readonly effectiveness: number;
  readonly delivered_C: number;
  readonly coolantOut_C: number;
}

/** Temperatures behind a counter-flow cooler of an UA, kW/K. Without flow nothing is delivered, and nothing is cooled. */
export function cooled({ product_kWK, coolant_kWK, product_C, coolant_C }: Cooling, ua_kWK: number): Cooled {
  const least = Math.min(product_kWK, coolant_kWK);
  if (least <= 0) return { effectiveness: 0, delivered_C: product_C, coolantOut_C: coolant_C };
  const eff = effectiveness(ua_kWK / least, least / Math.max(product_kWK, coolant_kWK));
  const heat_kW = eff * least * (product_C - coolant_C);
  return {
    effectiveness: eff,
    delivered_C: product_C - heat_kW / product_kWK,
    coolantOut_C: coolant_C + heat_kW / coolant_kWK,
  };
}

/** UA of a counter-flow cooler from readings of both streams, kW/K. Throws an InputError where the product was not cooled, or more than it can be. */
export function uaOfReadings_kWK(streams: Cooling, delivered_C: number): number {
  const { product_kWK, coolant_kWK, product_C, coolant_C } = streams;
  requirePositive('product', product_kWK, 'The product’s flow');
  requirePositive('coolant', coolant_kWK, 'The coolant’s flow');
  requireFinite('out_C', delivered_C, 'The delivered temperature');
  if (!(product_C > coolant_C))
    throw new InputError('coolant_C', 'The coolant must be colder than the product.');
  if (!(delivered_C < product_C)) throw new InputError('out_C', 'It must leave cooler than it came.');
  const least = Math.min(product_kWK, coolant_kWK);
  const eff = (product_kWK * (product_C - delivered_C)) / (least * (product_C - coolant_C));
  if (eff >= 1)
    throw new InputError('out_C', 'No cooler cools so far with so much coolant: check both flows.');
  return least * transferUnits(eff, least / Math.max(product_kWK, coolant_kWK));
}

/** UA at another flow of the product: UA0/(x·(q0/q)^m + 1 − x), x the product side's share of the resistance, m 0.6 to 0.8. */
export function uaAt_kWK(ua0_kWK: number, share: number, side: number, exponent: number): number {
  return share <= 0 ? 0 : ua0_kWK / (side * Math.pow(1 / share, exponent) + 1 - side);
}
