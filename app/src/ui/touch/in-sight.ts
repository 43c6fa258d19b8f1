import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';

type Block = 'start' | 'nearest';

/** Without a page to look at (another platform) nothing scrolls. */
function bring(view: View | null, block: Block): void {
  const element = view as unknown as { scrollIntoView?: (how: { block: Block }) => void } | null;
  if (!element?.scrollIntoView || typeof requestAnimationFrame === 'undefined') return;
  // two frames: what a tap changed has been drawn, and has its place
  requestAnimationFrame(() => requestAnimationFrame(() => element.scrollIntoView?.({ block })));
}

/** Brings what takes the place of another to the top, so that it arrives with its name; what stands there first stays. */
export function useArrival(key: string): RefObject<View | null> {
  const view = useRef<View>(null);
  const before = useRef(key);
  useEffect(() => {
    if (before.current !== key) bring(view.current, 'start');
    before.current = key;
  }, [key]);
  return view;
}

/** Brings something into sight once it has something to say. */
export function useInSight(when: boolean): RefObject<View | null> {
  const view = useRef<View>(null);
  useEffect(() => {
    if (when) bring(view.current, 'nearest');
  }, [when]);
  return view;
}
