import type { Profile, SettingValues } from '../../profile';
import { aged_gpl, strength_gpl } from '../../dosing';
import type { DutyProduct, MeteringDuty } from './duty';
import type { MeteringPlate } from './pump';

/** Everything that planning and checking one metering pump starts from. */
export interface MeteringContext {
  readonly duty: MeteringDuty;
  readonly profile: Profile;
  readonly plate: MeteringPlate;
  /** the site's date, for the age of the product */
  readonly today: string;
  /** what the controller holds now, as far as is known */
  readonly inForce: SettingValues;
  /** what the signal cable was seen to come from at the site, null when nobody looked yet */
  readonly signalFrom: 'flow' | 'controller' | null;
}

const DAY_MS = 86_400_000;

/** Whole days from one site date to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS);
}

/** Days since the strength was measured; 0 for a label only, or for a date later than today. */
export function productAge_days(product: DutyProduct, today: string): number {
  return product.measuredOn === null ? 0 : Math.max(0, daysBetween(product.measuredOn, today));
}

/** Strength to plan with, g/L: as stated, aged since it was measured. */
export function strengthToday_gpl(product: DutyProduct, today: string): number {
  return aged_gpl(strength_gpl(product.strength), productAge_days(product, today), product.halfLife_days);
}
