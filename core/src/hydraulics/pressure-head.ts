const G_ms2 = 9.81;
/** Cold water, kg/m³. */
const WATER_kgm3 = 1000;

/** Metres of head that a bar is, by the density of the liquid: 10⁵/(ρ·g). */
export function metresPerBar(density_kgm3 = WATER_kgm3): number {
  return 1e5 / (density_kgm3 * G_ms2);
}

/** Head of a pressure of cold water, m. */
export function headOf_m(pressure_bar: number): number {
  return pressure_bar * metresPerBar();
}

/** Pressure of a head of cold water, bar. Inverse of `headOf_m`. */
export function pressureOf_bar(head_m: number): number {
  return head_m / metresPerBar();
}
