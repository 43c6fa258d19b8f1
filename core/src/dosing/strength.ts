import { InputError, requirePositive } from '../input';

/**
 * Strength of a product as the label or the analysis states it.
 * - `mass`: grams of active substance in a litre.
 * - `weight`: per cent by weight; needs the density in kg/L.
 * - `volume`: per cent by volume, also called trade per cent: grams in 100 mL.
 */
export type Strength =
  | { readonly stated: 'mass'; readonly gpl: number }
  | { readonly stated: 'weight'; readonly percent: number; readonly density_kgl: number }
  | { readonly stated: 'volume'; readonly percent: number };

/**
 * Active substance in g/L. C = 10·wt %·density for per cent by weight, C = 10·% for per cent by volume.
 * Throws an InputError for a strength of zero or less, over 100 %, or a density not above zero.
 */
export function strength_gpl(strength: Strength): number {
  switch (strength.stated) {
    case 'mass':
      return requirePositive('strength', strength.gpl, 'The strength');
    case 'weight':
      requirePositive('density', strength.density_kgl, 'The density');
      return 10 * percent(strength.percent) * strength.density_kgl;
    case 'volume':
      return 10 * percent(strength.percent);
  }
}

function percent(value: number): number {
  requirePositive('strength', value, 'The strength');
  if (value > 100) throw new InputError('strength', 'The strength cannot be more than 100 %.');
  return value;
}

/**
 * Strength left after a time: C(t) = C0·½^(t/half-life). An approximation for the store's temperature; the user
 * supplies the half-life. No half-life means no ageing. A negative age throws an InputError.
 */
export function aged_gpl(fresh_gpl: number, age_days: number, halfLife_days: number | null): number {
  if (age_days < 0 || !Number.isFinite(age_days)) {
    throw new InputError('age_days', 'The strength is dated later than today.');
  }
  if (halfLife_days === null) return fresh_gpl;
  requirePositive('half_life_days', halfLife_days, 'The half-life');
  return fresh_gpl * 0.5 ** (age_days / halfLife_days);
}
