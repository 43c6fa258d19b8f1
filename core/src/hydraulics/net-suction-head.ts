import { airPressure_bar, waterVapour_bar } from '../dosing';
import { headOf_m } from './pressure-head';

/** Head that must be there beyond what a centrifugal pump needs, m. */
export const SUCTION_MARGIN_m = 0.5;

/**
 * Head that stands at a pump's inlet above boiling, m: (p_inlet + p_air − p_vapour)/(ρ·g), of cold or warm water. The inlet is a gauge
 * pressure while it flows, below nil under vacuum. Throws an InputError outside the temperatures of water or the places of work.
 */
export function netSuctionHead_m(inlet_bar: number, temperature_C: number, altitude_m: number): number {
  return headOf_m(inlet_bar + airPressure_bar(altitude_m) - waterVapour_bar(temperature_C));
}
