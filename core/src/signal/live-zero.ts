/**
 * Widely used limits of a 4–20 mA signal (NAMUR NE 43): at or outside the fault limits the signal is a fault and no
 * measurement; between the measuring limits it is a measurement.
 */
export const NE43 = {
  faultLow_mA: 3.6,
  measureLow_mA: 3.8,
  measureHigh_mA: 20.5,
  faultHigh_mA: 21,
} as const;

export type CurrentMeaning = 'fault-low' | 'under' | 'measurement' | 'over' | 'fault-high';

/** What a current means on a live-zero loop. */
export function meaningOfCurrent(x_mA: number): CurrentMeaning {
  if (x_mA <= NE43.faultLow_mA) return 'fault-low';
  if (x_mA >= NE43.faultHigh_mA) return 'fault-high';
  if (x_mA < NE43.measureLow_mA) return 'under';
  if (x_mA > NE43.measureHigh_mA) return 'over';
  return 'measurement';
}

/** A controller's own broken-wire limits and what it does beyond them. */
export interface BrokenWireWatch {
  readonly low_mA: number | null;
  readonly high_mA: number | null;
  readonly reaction: 'stop' | 'hold';
}
