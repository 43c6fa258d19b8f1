import { useSyncExternalStore } from 'react';

const KEY = 'barythm-name';
/** Who works on this device while nobody has said a name. */
export const UNNAMED = 'Technician 1';
const listeners = new Set<() => void>();
let name: string | null = null;

/** Who works on this device, as records and papers name them. Kept on the device. */
export function ownName(): string {
  name ??= (typeof localStorage === 'undefined' ? null : localStorage.getItem(KEY)) ?? '';
  return name || UNNAMED;
}

/** What is recorded from now on is by this name; what was recorded keeps the one it had. Blank for none. */
export function setOwnName(next: string): void {
  name = next.trim();
  if (typeof localStorage !== 'undefined') localStorage.setItem(KEY, name);
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function useOwnName(): string {
  return useSyncExternalStore(subscribe, ownName, () => UNNAMED);
}
