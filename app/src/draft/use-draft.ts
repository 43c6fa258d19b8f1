import { useCallback, useMemo, useSyncExternalStore } from 'react';

/**
 * What is being typed, kept on the device at every key press, so that a reload at any moment loses nothing. The
 * browser's local store is used because it writes at once; what it cannot take (it is full or switched off) lives as long as
 * the page, and whoever types is told.
 */
const memory = new Map<string, string>();
const listeners = new Set<() => void>();

function store(): Storage | null {
  return typeof localStorage === 'undefined' ? null : localStorage;
}

function read(key: string): string | null {
  return memory.get(key) ?? store()?.getItem(key) ?? null;
}

function write(key: string, value: string | null): void {
  memory.delete(key);
  if (value === null) store()?.removeItem(key);
  else if (!stored(key, value)) memory.set(key, value);
  for (const listener of listeners) listener();
}

function stored(key: string, value: string): boolean {
  try {
    store()?.setItem(key, value);
    return store() !== null;
  } catch {
    return false;
  }
}

/** True while something that is typed lives in this page alone, though the device has a store: a reload would lose it. */
export function useDraftsUnkept(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => store() !== null && memory.size > 0,
    () => false,
  );
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

/** What a draft becomes: a value, nothing, or what follows from how it stands in that moment. */
export type NextDraft<T> = T | null | ((now: T) => T);

/**
 * A value being edited under a key, as JSON; `initial` while there is no draft or it cannot be read. A change of a part of it is given as
 * a function of the whole: a tap on what was painted a moment ago takes nothing back of what was typed since.
 */
export function useDraftOf<T extends object | string>(
  key: string,
  initial: T,
): readonly [T, (value: NextDraft<T>) => void] {
  const [text, setText] = useDraft(key);
  const set = useCallback(
    (value: NextDraft<T>) => {
      const kept = typeof value === 'function' ? read(PREFIX + key) : null;
      const next =
        typeof value === 'function' ? value(kept === null ? initial : parsed(kept, initial)) : value;
      setText(next === null ? null : JSON.stringify(next));
    },
    [setText, key, initial],
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

/** Puts something under a key as if it had been typed: a form that is opened later begins with it. */
export const keepDraft = (key: string, text: string): void => write(PREFIX + key, text);

/** Whether something is being typed under a key, as it stands in this moment. */
export function isDrafted(key: string): boolean {
  return read(PREFIX + key) !== null;
}

/** Every draft whose key begins so, by the rest of its key, in the order of their keys. */
export function useDraftsUnder(prefix: string): readonly (readonly [string, string])[] {
  const all = useSyncExternalStore(
    subscribe,
    () => JSON.stringify(draftsUnder(prefix)),
    () => '[]',
  );
  return useMemo(() => JSON.parse(all) as [string, string][], [all]);
}

function draftsUnder(prefix: string): [string, string][] {
  const full = PREFIX + prefix;
  const kept = store();
  const names = new Set([
    ...memory.keys(),
    ...Array.from({ length: kept?.length ?? 0 }, (_, i) => kept?.key(i) ?? ''),
  ]);
  return [...names]
    .filter((name) => name.startsWith(full))
    .sort()
    .flatMap((name): [string, string][] => {
      const text = read(name);
      return text === null ? [] : [[name.slice(full.length), text]];
    });
}

/** Forgets every draft whose key begins so. */
export function forgetDrafts(prefix: string): void {
  for (const key of memory.keys()) if (key.startsWith(PREFIX + prefix)) memory.delete(key);
  const kept = store();
  const names = Array.from({ length: kept?.length ?? 0 }, (_, i) => kept?.key(i) ?? '');
  for (const name of names) if (name.startsWith(PREFIX + prefix)) kept?.removeItem(name);
  for (const listener of listeners) listener();
}
