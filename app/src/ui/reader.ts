import { METRIC, type Reader } from '@barythm/core/units';
import { useSyncExternalStore } from 'react';

/** How this user wants figures: one system, or both with the other small beside it. */
export type UnitsWanted = 'metric' | 'us' | 'both';

const READERS: Readonly<Record<UnitsWanted, Reader>> = {
  metric: METRIC,
  us: { ...METRIC, system: 'us' },
  both: { ...METRIC, also: 'us' },
};

const KEY = 'barythm-units';
const listeners = new Set<() => void>();
let wanted: UnitsWanted | null = null;

function read(): UnitsWanted {
  if (wanted) return wanted;
  const kept = typeof localStorage === 'undefined' ? null : localStorage.getItem(KEY);
  wanted = kept === 'us' || kept === 'both' ? kept : 'metric';
  return wanted;
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function setUnitsWanted(next: UnitsWanted): void {
  wanted = next;
  if (typeof localStorage !== 'undefined') localStorage.setItem(KEY, next);
  for (const listener of listeners) listener();
}

/** The units that are wanted, kept on this device. */
export function useUnitsWanted(): UnitsWanted {
  return useSyncExternalStore(subscribe, read, () => 'metric' as const);
}

/** The reader that figures are written for. */
export function useReader(): Reader {
  return READERS[useUnitsWanted()];
}
