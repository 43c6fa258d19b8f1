/** Something of this device, not of a job: read once, told to whoever listens when it changes, and kept where the device keeps anything. */
export interface KeptOnDevice<T> {
  readonly get: () => T;
  readonly set: (next: T) => void;
  readonly subscribe: (listener: () => void) => () => void;
}

/**
 * @param key under which it is kept
 * @param read what a kept text stands for; null where nothing is kept
 */
export function keptOnDevice<T extends string>(
  key: string,
  read: (kept: string | null) => T,
): KeptOnDevice<T> {
  const listeners = new Set<() => void>();
  let value: T | undefined;
  return {
    get: () => (value ??= read(store()?.getItem(key) ?? null)),
    set: (next) => {
      value = next;
      store()?.setItem(key, next);
      for (const listener of listeners) listener();
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

function store(): Storage | null {
  return typeof localStorage === 'undefined' ? null : localStorage;
}
