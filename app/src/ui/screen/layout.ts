import { useWindowDimensions } from 'react-native';
import { ROOT_px, WIDE } from '../theme';

/** Whether there is room for the rail and two columns. */
export function useWide(): boolean {
  return useWindowDimensions().width >= WIDE;
}

/** Less height than this is a phone on its side, or a page at twice its size: what stands still takes one line. */
const SHORT_px = 520;

/** Whether the screen is low: the pad stands beside the field, and the head takes one line. */
export function useShort(): boolean {
  const { width, height } = useWindowDimensions();
  return height < SHORT_px && width > height;
}

/** Fewer pixels than this for each of the browser's own: five names do not stand side by side any more. */
const NARROW_px = 300;

/** Whether the screen is narrow for the text size that its reader has set: a small phone, or text of twice the size. */
export function useNarrow(): boolean {
  const { width } = useWindowDimensions();
  if (typeof document === 'undefined') return false;
  const root = Number.parseFloat(getComputedStyle(document.documentElement).fontSize) || ROOT_px;
  return (width * ROOT_px) / root < NARROW_px;
}
