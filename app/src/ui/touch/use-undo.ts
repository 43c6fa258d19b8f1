import { useCallback, useEffect, useRef, useState } from 'react';

/** Steps back that are kept. */
const MOST = 50;

export interface Undo {
  readonly canUndo: boolean;
  /** what stands now can be gone back to: called before it changes */
  readonly keep: () => void;
  readonly undo: () => void;
}

/** Steps back for what is moved by hand. */
export function useUndo<T>(value: T, set: (value: T) => void): Undo {
  const [past, setPast] = useState<readonly T[]>([]);
  const latest = useRef({ value, set });
  useEffect(() => {
    latest.current = { value, set };
  });
  const keep = useCallback(() => setPast((old) => [...old.slice(1 - MOST), latest.current.value]), []);
  const undo = useCallback(() => {
    if (past.length === 0) return;
    latest.current.set(past[past.length - 1]);
    setPast(past.slice(0, -1));
  }, [past]);
  return { canUndo: past.length > 0, keep, undo };
}
