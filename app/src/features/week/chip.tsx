import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, TOUCH, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';

interface ChipProps {
  readonly tag: string;
  readonly lines: readonly string[];
  readonly testID: string;
  /** width of a day, px */
  readonly day_px: number;
  /** moved by so many days; left out where it stays on its day */
  readonly onShift?: (days: number) => void;
  readonly onOpen: () => void;
  /** it was moved here just now: the keys go on with it */
  readonly held?: boolean;
  /** said to those who do not see it */
  readonly label: string;
}

/** A finger that has not moved further than this has tapped. */
const TAP_px = 8;

/** As much of the browser's own event as is looked at. */
interface Pointed {
  readonly nativeEvent: {
    readonly button: number;
    readonly clientX: number;
    readonly pointerId: number;
    readonly target: { setPointerCapture?(id: number): void } | null;
  };
}

/** A visit on its day: dragged across the days, or moved by the arrow keys; a tap opens it. */
export function Chip({ tag, lines, testID, day_px, onShift, onOpen, held, label }: ChipProps) {
  const palette = usePalette();
  const [dx, setDx] = useState(0);
  const from = useRef<number | null>(null);
  const own = useRef<View>(null);
  useEffect(() => {
    if (held) (own.current as unknown as HTMLElement | null)?.focus({ preventScroll: true });
  }, [held]);
  // the pointer is captured: a page that changes under the hand, as when what was moved last is sent, ends no drag
  const end = (moved: number) => {
    from.current = null;
    setDx(0);
    const days = Math.round(moved / Math.max(1, day_px));
    if (Math.abs(moved) <= TAP_px) onOpen();
    else if (days !== 0) onShift?.(days);
  };
  const handlers = {
    onPointerDown: ({ nativeEvent }: Pointed) => {
      if (nativeEvent.button > 0) return;
      from.current = nativeEvent.clientX;
      nativeEvent.target?.setPointerCapture?.(nativeEvent.pointerId);
    },
    onPointerMove: ({ nativeEvent }: Pointed) => {
      const moved = from.current === null ? 0 : nativeEvent.clientX - from.current;
      if (onShift && Math.abs(moved) > TAP_px) setDx(moved);
    },
    onPointerUp: ({ nativeEvent }: Pointed) => {
      if (from.current !== null) end(nativeEvent.clientX - from.current);
    },
    // the page scrolls instead
    onPointerCancel: () => {
      from.current = null;
      setDx(0);
    },
  };
  const onKeyDown = (event: { key: string; preventDefault: () => void }) => {
    const days = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (event.key === 'Enter') onOpen();
    else if (days === undefined || !onShift) return;
    else onShift(days);
    event.preventDefault();
  };
  return (
    <View
      ref={own}
      {...(handlers as object)}
      {...{ onKeyDown }}
      role="button"
      tabIndex={0}
      testID={testID}
      aria-label={label}
      style={[
        styles.chip,
        { backgroundColor: palette.surface, borderColor: dx === 0 ? palette.edge : palette.petrol },
        { borderLeftColor: onShift ? palette.petrol : palette.edge },
        dx !== 0 && { transform: [{ translateX: dx }], zIndex: 1 },
      ]}
    >
      <Words bold>{tag}</Words>
      {lines.map((line) => (
        <Words key={line} size="small">
          {line}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  chip: {
    minHeight: TOUCH,
    borderWidth: 1,
    borderLeftWidth: 4,
    borderRadius: RADIUS.control,
    padding: SPACE.s,
    touchAction: 'pan-y',
    cursor: 'grab',
    userSelect: 'none',
  } as object,
});
