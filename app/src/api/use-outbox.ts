import { useSyncExternalStore } from 'react';
import { outbox } from './device';
import type { OutboxState } from './outbox';

/** What is unsent, refused or offline, kept up to date. */
export function useOutbox(): OutboxState {
  return useSyncExternalStore(outbox.subscribe, outbox.getState, outbox.getState);
}
