/** Water flow of each hour as shares of the usual flow: quiet nights, busy mornings. */
export function day(usual: number, shares: readonly number[]): number[] {
  return shares.map((share) => Math.round(usual * share * 10) / 10);
}

export const POOL_DAY = [
  0.45, 0.4, 0.35, 0.35, 0.4, 0.6, 0.9, 1.3, 1.6, 1.7, 1.5, 1.2, 1.1, 1.2, 1.4, 1.5, 1.3, 1.1, 0.9, 0.8, 0.7,
  0.6, 0.5, 0.45,
];
export const IRRIGATION_DAY = [
  0, 0, 0, 0, 0, 0.5, 1.2, 1.5, 1.4, 0.8, 0, 0, 0, 0, 0.6, 1.1, 1.3, 0.9, 0, 0, 0, 0, 0, 0,
];
/** Circulation that stands at night. */
export const NIGHT_OFF_DAY = [
  0, 0, 0, 0, 0, 0.6, 1, 1.3, 1.5, 1.4, 1.2, 1, 1, 1.1, 1.3, 1.4, 1.2, 1.1, 1, 0.8, 0.6, 0.4, 0, 0,
];
