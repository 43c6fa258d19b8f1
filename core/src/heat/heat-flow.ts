import { requirePositive } from '../input';

/** A liquid that carries heat. */
export interface Carrier {
  readonly density_kgm3: number;
  /** kJ for each kg and K */
  readonly heat_kJkgK: number;
}

/** Water at about 50 °C, as heating systems hold it. */
export const WARM_WATER: Carrier = { density_kgm3: 988, heat_kJkgK: 4.18 };

const SECONDS_PER_HOUR = 3600;

/**
 * Flow that carries a heat at a difference of temperature, m³/h: q = 3600·Q/(ρ·c·ΔT), Q in kW; about 0.86·Q/ΔT for water.
 * Throws an InputError on the figure that is not above zero.
 */
export function flowForHeat_m3h(heat_kW: number, difference_K: number, carrier: Carrier): number {
  requirePositive('heat_kw', heat_kW, 'The heat');
  requirePositive('difference_k', difference_K, 'The difference');
  requirePositive('density_kgm3', carrier.density_kgm3, 'The density');
  requirePositive('heat_kjkgk', carrier.heat_kJkgK, 'The heat capacity');
  return (SECONDS_PER_HOUR * heat_kW) / (carrier.density_kgm3 * carrier.heat_kJkgK * difference_K);
}

/** Heat that a flow carries at a difference, kW: the inverse of `flowForHeat_m3h`. */
export function heatOfFlow_kW(flow_m3h: number, difference_K: number, carrier: Carrier): number {
  return (flow_m3h * carrier.density_kgm3 * carrier.heat_kJkgK * difference_K) / SECONDS_PER_HOUR;
}
