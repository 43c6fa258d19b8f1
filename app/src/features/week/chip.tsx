import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, TOUCH, usePalette } from '../../ui/theme';
import { useDrag } from '../../ui/touch/use-drag';
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

/** A visit on its day: dragged across the days, or moved by the arrow keys; a tap opens it. */
export function Chip({ tag, lines, testID, day_px, onShift, onOpen, held, label }: ChipProps) {
  const palette = usePalette();
  const [dx, setDx] = useState(0);
  const at = useRef(0);
  const own = useRef<View>(null);
  useEffect(() => {
    if (held) own.current?.focus();
  }, [held]);
  const handlers = useDrag({
    onMove: (moved) => {
      if (!onShift) return;
      at.current = moved;
      setDx(moved);
    },
    onEnd: () => {
      const days = Math.round(at.current / Math.max(1, day_px));
      at.current = 0;
      setDx(0);
      if (days !== 0) onShift?.(days);
    },
    onTap: onOpen,
  });
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
      {...handlers}
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
