import { useSyncExternalStore } from 'react';
import { keptOnDevice } from './kept-on-device';

/** Light or dark, whatever the device says; or as the device says. */
export type Appearance = 'device' | 'light' | 'dark';

const wanted = keptOnDevice<Appearance>('barythm-appearance', (kept) =>
  kept === 'light' || kept === 'dark' ? kept : 'device',
);

export const setAppearance = wanted.set;

/** What this user wants, kept on this device. */
export function useAppearance(): Appearance {
  return useSyncExternalStore(wanted.subscribe, wanted.get, () => 'device' as const);
}
