import { useSyncExternalStore } from 'react';

/** What can be heard of one question to the reader's device. */
interface Asked {
  readonly subscribe: (changed: () => void) => () => void;
  readonly holds: () => boolean;
}

/** One of each: every text on a screen asks the same, and a browser answers anew each time it is asked. */
const asked = new Map<string, Asked>();

/** Whether the reader's device asks for something, such as more contrast. Never, where nobody can be asked. */
export function useMedia(query: string): boolean {
  const { subscribe, holds } = askedOf(query);
  return useSyncExternalStore(subscribe, holds, () => false);
}

function askedOf(query: string): Asked {
  const known = asked.get(query);
  if (known) return known;
  const media = listOf(query);
  const one: Asked = {
    subscribe: (changed) => {
      media?.addEventListener('change', changed);
      return () => media?.removeEventListener('change', changed);
    },
    holds: () => media?.matches ?? false,
  };
  // whoever cannot be asked yet may be asked later
  if (media) asked.set(query, one);
  return one;
}

function listOf(query: string): MediaQueryList | null {
  return typeof window !== 'undefined' && typeof window.matchMedia === 'function'
    ? window.matchMedia(query)
    : null;
}
