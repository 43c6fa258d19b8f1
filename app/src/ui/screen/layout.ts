import { useWindowDimensions } from 'react-native';
import { ROOT_px, WIDE } from '../theme';

/** Whether there is room for the rail and two columns. */
export function useWide(): boolean {
  return useWindowDimensions().width >= WIDE;
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
