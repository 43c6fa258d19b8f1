import { useEffect, useMemo, useRef } from 'react';
import { PanResponder, type GestureResponderEvent, type GestureResponderHandlers } from 'react-native';

/** A finger that has not moved further than this has tapped. */
const TAP_px = 8;

type Axis = 'across' | 'up-down';

interface Drag {
  /** the way in which it is moved by a finger; across where nobody says otherwise, for a page scrolls up and down */
  readonly axis?: Axis;
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
 * Whether a movement is meant for what lies under it. A mouse means what it does; a finger that starts in the way in which the thing is
 * moved drags it, and one that starts in the other scrolls the page: null while it is not decided.
 */
export function meant(
  mouse: boolean,
  dx: number,
  dy: number,
  axis: Axis = 'across',
): 'drag' | 'scroll' | null {
  if (mouse) return Math.hypot(dx, dy) > 0 ? 'drag' : null;
  if (Math.hypot(dx, dy) <= TAP_px) return null;
  const across = Math.abs(dx) > Math.abs(dy);
  return across === (axis === 'across') ? 'drag' : 'scroll';
}

/** Handlers of something that is dragged on a page that scrolls. Give what they go to `touchAction: 'pan-y'`, or `'pan-x'` where it goes up and down. */
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
            way.current = meant(mouse, dx, dy, latest.current.axis);
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
