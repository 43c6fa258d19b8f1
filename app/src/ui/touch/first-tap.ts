import type { GestureResponderEvent } from 'react-native';

/**
 * Whether a tap is the first of its kind at a place. The second tap of a double one would take back what the first confirmed, or press
 * what came to stand there since.
 */
export const isFirstTap = (event?: Partial<GestureResponderEvent>): boolean =>
  ((event?.nativeEvent as { readonly detail?: number } | undefined)?.detail ?? 1) < 2;
