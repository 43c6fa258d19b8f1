import { useCallback, useMemo, useSyncExternalStore } from 'react';

/**
 * What is being typed, kept on the device at every key press, so that a reload at any moment loses nothing. The
 * browser's local store is used because it writes at once; without one, drafts live as long as the page.
 */
const memory = new Map<string, string>();
const listeners = new Set<() => void>();

function read(key: string): string | null {
  if (typeof localStorage === 'undefined') return memory.get(key) ?? null;
  return localStorage.getItem(key);
}

function write(key: string, value: string | null): void {
  if (typeof localStorage === 'undefined') {
    if (value === null) memory.delete(key);
    else memory.set(key, value);
  } else if (value === null) localStorage.removeItem(key);
  else localStorage.setItem(key, value);
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const PREFIX = 'barythm-draft:';

/** A text being typed under a key; `null` when nothing is. Setting `null` forgets it. */
export function useDraft(key: string): readonly [string | null, (value: string | null) => void] {
  const full = PREFIX + key;
  const value = useSyncExternalStore(
    subscribe,
    () => read(full),
    () => null,
  );
  const set = useCallback((next: string | null) => write(full, next), [full]);
  return [value, set];
}

/** A value being edited under a key, as JSON; `initial` while there is no draft or it cannot be read. */
export function useDraftOf<T>(key: string, initial: T): readonly [T, (value: T | null) => void] {
  const [text, setText] = useDraft(key);
  const set = useCallback(
    (value: T | null) => setText(value === null ? null : JSON.stringify(value)),
    [setText],
  );
  // one object as long as the text is one, so that what is worked out from it is not worked out again
  const value = useMemo(() => (text === null ? initial : parsed(text, initial)), [text, initial]);
  return [value, set];
}

function parsed<T>(text: string, initial: T): T {
  try {
    return JSON.parse(text) as T;
  } catch {
    return initial;
  }
}

/** Forgets every draft whose key begins so. */
export function forgetDrafts(prefix: string): void {
  if (typeof localStorage === 'undefined') {
    for (const key of memory.keys()) if (key.startsWith(PREFIX + prefix)) memory.delete(key);
  } else {
    const names = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '');
    for (const name of names) if (name.startsWith(PREFIX + prefix)) localStorage.removeItem(name);
  }
  for (const listener of listeners) listener();
}
