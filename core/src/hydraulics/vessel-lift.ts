import { requirePositive } from '../input';
import { metresPerBar } from './pressure-head';

const KPA_PER_BAR = 100;

/** Head that has to be lifted out of a vessel under vacuum, m: the static one and (p_atm − p_vessel)/(ρ·g). 45 kPa of vacuum are 4.6 m of water. */
export function liftOut_m(static_m: number, vacuum_kPa: number, density_kgm3: number): number {
  return static_m + (vacuum_kPa / KPA_PER_BAR) * metresPerBar(density_kgm3);
}

/** Share of the rated speed under which nothing moves: √(H_lift/H0). */
export function leastShare(lift_m: number, closed_m: number): number {
  return Math.sqrt(Math.max(0, lift_m) / requirePositive('closed_m', closed_m, 'The head at no flow'));
}

/**
 * The fastest that a motor may turn, rev/min: with a load under its plate n·(P_plate/P_load)^⅓, beyond it by its torque n·√(P_plate/P_load).
 *
 * @param load_W taken at the plate's speed
 */
export function motorCeiling_rpm(plate_rpm: number, plate_W: number, load_W: number): number {
  requirePositive('plate_rpm', plate_rpm, 'The speed on the plate');
  requirePositive('plate_kw', plate_W, 'The power on the plate');
  requirePositive('load_kw', load_W, 'The load');
  const share = plate_W / load_W;
  return plate_rpm * (share >= 1 ? Math.cbrt(share) : Math.sqrt(share));
}
