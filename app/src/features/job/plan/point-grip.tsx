import type { SignalChart } from '@barythm/core/chart';
import { useEffect, useMemo, useRef } from 'react';
import { PanResponder, StyleSheet, View } from 'react-native';
import { TOUCH, usePalette } from '../../../ui/theme';

interface PointGripProps {
  readonly index: number;
  readonly chart: SignalChart;
  readonly x_mA: number | null;
  /** in what the controller is set in */
  readonly y: number | null;
  readonly unit: string;
  readonly stepX: number;
  readonly stepY: number;
  readonly onMove: (x_mA: number, y: number) => void;
}

/** A grip over a chart point: moved by finger, by mouse, and by the arrow keys (with shift, ten steps at a time). */
export function PointGrip(props: PointGripProps) {
  const palette = usePalette();
  const latest = useRef(props);
  useEffect(() => {
    latest.current = props;
  });
  const from = useRef({ x: 0, y: 0 });
  const pan = useMemo(
    () =>
      PanResponder.create({
        onStartShouldSetPanResponder: () => true,
        onMoveShouldSetPanResponder: () => true,
        onPanResponderTerminationRequest: () => false,
        onPanResponderGrant: () => {
          const { chart, x_mA, y } = latest.current;
          from.current = { x: chart.frame.x.scale(x_mA ?? 0), y: chart.frame.y.scale(y ?? 0) };
        },
        onPanResponderMove: (_, gesture) => {
          const { chart, onMove } = latest.current;
          onMove(
            chart.frame.x.scale.invert(from.current.x + gesture.dx),
            chart.frame.y.scale.invert(from.current.y + gesture.dy),
          );
        },
      }),
    [],
  );
  const { index, chart, x_mA, y, unit, stepX, stepY, onMove } = props;
  if (x_mA === null || y === null) return null;
  const left = chart.frame.x.scale(x_mA) - TOUCH / 2;
  const top = chart.frame.y.scale(y) - TOUCH / 2;
  const onKeyDown = (event: { key: string; shiftKey: boolean; preventDefault: () => void }) => {
    const times = event.shiftKey ? 10 : 1;
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-stepX, 0],
      ArrowRight: [stepX, 0],
      ArrowUp: [0, stepY],
      ArrowDown: [0, -stepY],
    };
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    onMove(x_mA + move[0] * times, y + move[1] * times);
  };
  return (
    <View
      {...pan.panHandlers}
      {...{ onKeyDown }}
      role="slider"
      tabIndex={0}
      testID={`grip-${index}`}
      aria-label={`Point ${index} of the target`}
      aria-valuenow={y}
      aria-valuemin={0}
      aria-valuemax={Math.round(chart.frame.y.scale.domain()[1])}
      aria-valuetext={`${x_mA} mA, ${y} ${unit}`}
      style={[styles.grip, { left, top, borderColor: palette.petrol }]}
    />
  );
}

const styles = StyleSheet.create({
  grip: {
    position: 'absolute',
    width: TOUCH,
    height: TOUCH,
    borderRadius: TOUCH / 2,
    borderWidth: 1,
    opacity: 0.6,
    // the page must not scroll away under a dragging finger
    touchAction: 'none',
    cursor: 'grab',
  } as object,
});
