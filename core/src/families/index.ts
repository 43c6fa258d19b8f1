export type { Family } from './family';

/** Families load on demand: the first screen pulls in none of them. */
export const loadFamily = {
  metering: () => import('./metering'),
} as const;

export type FamilyName = keyof typeof loadFamily;
export const FAMILY_NAMES = Object.keys(loadFamily) as FamilyName[];
