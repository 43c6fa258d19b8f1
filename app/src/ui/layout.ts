import { useWindowDimensions } from 'react-native';
import { WIDE } from './theme';

/** Whether there is room for the rail and two columns. */
export function useWide(): boolean {
  return useWindowDimensions().width >= WIDE;
}
