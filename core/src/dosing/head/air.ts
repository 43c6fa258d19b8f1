import { InputError, requireFinite } from '../../input';
import { AIR_bar } from './suction-head';

/** Places of work lie between the deepest mine and the highest town. */
const LOWEST_m = -500;
const HIGHEST_m = 6000;

/** Air pressure at a height above the sea, bar: the standard atmosphere, p = p0·(1 − 2.25577·10⁻⁵·h)^5.25588. */
export function airPressure_bar(altitude_m: number): number {
  requireFinite('altitude_m', altitude_m, 'The altitude');
  if (altitude_m < LOWEST_m || altitude_m > HIGHEST_m) {
    throw new InputError('altitude_m', `The altitude must lie between ${LOWEST_m} and ${HIGHEST_m} m.`);
  }
  return AIR_bar * (1 - 2.25577e-5 * altitude_m) ** 5.25588;
}

/** Vapour pressure of water at 0 to 100 °C, bar: Magnus’ formula, 6.1078·10^(7.5·T/(237.3 + T)) hPa. */
export function waterVapour_bar(temperature_C: number): number {
  requireFinite('temperature_c', temperature_C, 'The temperature');
  if (temperature_C < 0 || temperature_C > 100) {
    throw new InputError('temperature_c', 'The temperature of the liquid must lie between 0 and 100 °C.');
  }
  return 0.0061078 * 10 ** ((7.5 * temperature_C) / (237.3 + temperature_C));
}
