import { airPressure_bar, waterVapour_bar } from '../dosing';
import { headOf_m } from './pressure-head';

/** The liquid that a head is reckoned in where none is named, kg/m³. */
const WATER_kgm3 = 1000;

/** Head that must be there beyond what a centrifugal pump needs, m. */
export const SUCTION_MARGIN_m = 0.5;

/**
 * Head that stands at a pump's inlet above boiling, m: (p_inlet + p_air − p_vapour)/(ρ·g), of cold or warm water, or of a liquid of another density that boils as water does. The inlet is a gauge
 * pressure while it flows, below nil under vacuum. Throws an InputError outside the temperatures of water or the places of work.
 */
export function netSuctionHead_m(
  inlet_bar: number,
  temperature_C: number,
  altitude_m: number,
  density_kgm3 = WATER_kgm3,
): number {
  const bar = inlet_bar + airPressure_bar(altitude_m) - waterVapour_bar(temperature_C);
  // a heavier liquid stands less high for the same pressure
  return (headOf_m(bar) * WATER_kgm3) / density_kgm3;
}
