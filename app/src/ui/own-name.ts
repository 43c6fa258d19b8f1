import { useSyncExternalStore } from 'react';
import { keptOnDevice } from './kept-on-device';

/** Who works on this device while nobody has said a name. */
export const UNNAMED = 'Technician 1';
const name = keptOnDevice('barythm-name', (kept) => kept ?? '');

/** Who works on this device, as records and papers name them. Kept on the device. */
export function ownName(): string {
  return name.get() || UNNAMED;
}

/** What is recorded from now on is by this name; what was recorded keeps the one it had. Blank for none. */
export const setOwnName = (next: string): void => name.set(next.trim());

export function useOwnName(): string {
  return useSyncExternalStore(name.subscribe, ownName, () => UNNAMED);
}
