import type { FamilyName } from './kinds';

/** Families load on demand: the first screen pulls in none of them. */
export const loadFamily = {
  metering: () => import('./metering'),
  pool: () => import('./pool'),
} as const;

export const FAMILY_NAMES = Object.keys(loadFamily) as FamilyName[];
