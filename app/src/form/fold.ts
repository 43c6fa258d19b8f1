import { useState } from 'react';

/**
 * Whether a part of a form stands open. It opens by itself as soon as something in it is wrong, and cannot be
 * folded over a fault; being right again never folds it, so no field leaves under the fingers that type in it.
 */
export function useFold(wrong: boolean): readonly [open: boolean, toggle: () => void] {
  const [open, setOpen] = useState(wrong);
  if (wrong && !open) setOpen(true);
  return [open || wrong, () => setOpen(!open)];
}
