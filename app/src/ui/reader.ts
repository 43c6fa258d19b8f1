import { READERS, readFor, type Reader, type UnitsWanted } from '@barythm/core/units';
import { useSyncExternalStore } from 'react';

export type { UnitsWanted };

const KEY = 'barythm-units';
const listeners = new Set<() => void>();
let wanted: UnitsWanted | null = null;

/** How this user wants figures: one system, or both with the other small beside it. Kept on this device. */
export function unitsWanted(): UnitsWanted {
  if (wanted) return wanted;
  const kept = typeof localStorage === 'undefined' ? null : localStorage.getItem(KEY);
  wanted = kept === 'us' || kept === 'both' ? kept : 'metric';
  readFor(wanted);
  return wanted;
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function setUnitsWanted(next: UnitsWanted): void {
  wanted = next;
  readFor(next);
  if (typeof localStorage !== 'undefined') localStorage.setItem(KEY, next);
  for (const listener of listeners) listener();
}

/** The units that are wanted. */
export function useUnitsWanted(): UnitsWanted {
  return useSyncExternalStore(subscribe, unitsWanted, () => 'metric' as const);
}

/** The reader that figures are written for. */
export function useReader(): Reader {
  return READERS[useUnitsWanted()];
}
