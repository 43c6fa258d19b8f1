import { READERS, readFor, type Reader, type UnitsWanted } from '@barythm/core/units';
import { useSyncExternalStore } from 'react';
import { keptOnDevice } from './kept-on-device';

export type { UnitsWanted };

const wanted = keptOnDevice<UnitsWanted>('barythm-units', (kept) => {
  const units = kept === 'us' || kept === 'both' ? kept : 'metric';
  readFor(units);
  return units;
});

/** How this user wants figures: one system, or both with the other small beside it. Kept on this device. */
export const unitsWanted = wanted.get;

export function setUnitsWanted(next: UnitsWanted): void {
  readFor(next);
  wanted.set(next);
}

/** The units that are wanted. */
export function useUnitsWanted(): UnitsWanted {
  return useSyncExternalStore(wanted.subscribe, unitsWanted, () => 'metric' as const);
}

/** The reader that figures are written for. */
export function useReader(): Reader {
  return READERS[useUnitsWanted()];
}
