import { useSyncExternalStore } from 'react';

/** Whether the reader's device asks for something, such as more contrast. Never, where nobody can be asked. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = listOf(query);
      media?.addEventListener('change', changed);
      return () => media?.removeEventListener('change', changed);
    },
    () => listOf(query)?.matches ?? false,
    () => false,
  );
}

function listOf(query: string): MediaQueryList | null {
  return typeof window !== 'undefined' && typeof window.matchMedia === 'function'
    ? window.matchMedia(query)
    : null;
}
