import { useEffect, useMemo, useRef } from 'react';
import { PanResponder, type GestureResponderEvent, type GestureResponderHandlers } from 'react-native';

/** A finger that has not moved further than this has tapped. */
const TAP_px = 8;

interface Drag {
  /** something was touched: nothing has moved yet */
  readonly onTouch?: () => void;
  /** the drag begins: what is about to change can be kept */
  readonly onBegin?: (event: GestureResponderEvent) => void;
  /** moved by this much since the drag began */
  readonly onMove: (dx: number, dy: number, event: GestureResponderEvent) => void;
  /** let go without having moved */
  readonly onTap?: (event: GestureResponderEvent) => void;
}

/**
 * Whether a movement is meant for what lies under it. A mouse means what it does; a finger that starts sideways drags, and one that
 * starts up or down scrolls the page: null while it is not decided.
 */
export function meant(mouse: boolean, dx: number, dy: number): 'drag' | 'scroll' | null {
  if (mouse) return Math.hypot(dx, dy) > 0 ? 'drag' : null;
  if (Math.hypot(dx, dy) <= TAP_px) return null;
  return Math.abs(dx) > Math.abs(dy) ? 'drag' : 'scroll';
}

/** Handlers of something that is dragged on a page that scrolls. Give what they go to `touchAction: 'pan-y'`. */
export function useDrag(drag: Drag): GestureResponderHandlers {
  const latest = useRef(drag);
  useEffect(() => {
    latest.current = drag;
  });
  const way = useRef<'drag' | 'scroll' | null>(null);
  const from = useRef({ dx: 0, dy: 0 });
  return useMemo(
    () =>
      PanResponder.create({
        onStartShouldSetPanResponder: () => true,
        onMoveShouldSetPanResponder: () => true,
        onPanResponderTerminationRequest: () => false,
        onPanResponderGrant: () => {
          way.current = null;
          latest.current.onTouch?.();
        },
        onPanResponderMove: (event, { dx, dy }) => {
          if (way.current === null) {
            const { type = '' } = event.nativeEvent as { type?: string };
            const mouse = type.startsWith('mouse');
            way.current = meant(mouse, dx, dy);
            if (way.current !== 'drag') return;
            from.current = mouse ? { dx: 0, dy: 0 } : { dx, dy };
            latest.current.onBegin?.(event);
          }
          if (way.current === 'drag')
            latest.current.onMove(dx - from.current.dx, dy - from.current.dy, event);
        },
        onPanResponderRelease: (event) => {
          if (way.current === null) latest.current.onTap?.(event);
        },
      }).panHandlers,
    [],
  );
}
