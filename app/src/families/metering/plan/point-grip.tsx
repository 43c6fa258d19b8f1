import type { SignalChart } from '@barythm/core/chart';
import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { TOUCH, usePalette } from '../../../ui/theme';
import { useDrag } from '../../../ui/touch/use-drag';

interface PointGripProps {
  readonly index: number;
  readonly chart: SignalChart;
  readonly x_mA: number | null;
  /** in what the controller is set in */
  readonly y: number | null;
  readonly unit: string;
  readonly stepX: number;
  readonly stepY: number;
  /** a move begins: what stands now can be gone back to */
  readonly onBegin: () => void;
  readonly onMove: (x_mA: number, y: number) => void;
}

/** A grip over a chart point: moved by a finger that starts sideways, by mouse, and by the arrow keys (with shift, ten steps at a time), Home and End. */
export function PointGrip(props: PointGripProps) {
  const palette = usePalette();
  const from = useRef({ x: 0, y: 0 });
  const handlers = useDrag({
    onBegin: () => {
      const { chart, x_mA, y, onBegin } = props;
      from.current = { x: chart.frame.x.scale(x_mA ?? 0), y: chart.frame.y.scale(y ?? 0) };
      onBegin();
    },
    onMove: (dx, dy) =>
      props.onMove(
        props.chart.frame.x.scale.invert(from.current.x + dx),
        props.chart.frame.y.scale.invert(from.current.y + dy),
      ),
  });
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
      Home: [0, -y / times],
      End: [0, (chart.frame.y.scale.domain()[1] - y) / times],
    };
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    props.onBegin();
    onMove(x_mA + move[0] * times, y + move[1] * times);
  };
  return (
    <View
      {...handlers}
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
    // a finger that starts up or down scrolls the page, and moves nothing
    touchAction: 'pan-y',
    cursor: 'grab',
  } as object,
});
