import type { PumpChart } from '@barythm/core/chart';
import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { TOUCH, usePalette } from '../../../ui/theme';
import { useDrag } from '../../../ui/touch/use-drag';

interface HeadGripProps {
  readonly chart: PumpChart;
  /** set head, and the flow that it stands over */
  readonly head_m: number;
  readonly flow_m3h: number;
  readonly step_m: number;
  readonly onBegin: () => void;
  readonly onMove: (head_m: number) => void;
}

/** A grip at the set head: moved by a finger that starts sideways and goes up or down, by mouse, and by the arrow keys. */
export function HeadGrip(props: HeadGripProps) {
  const { chart, head_m, flow_m3h, step_m } = props;
  const palette = usePalette();
  const from = useRef(0);
  const handlers = useDrag({
    onBegin: () => {
      from.current = props.chart.frame.y.scale(props.head_m);
      props.onBegin();
    },
    onMove: (_dx, dy) => props.onMove(props.chart.frame.y.scale.invert(from.current + dy)),
  });
  const onKeyDown = (event: { key: string; shiftKey: boolean; preventDefault: () => void }) => {
    const times = event.shiftKey ? 10 : 1;
    const by = { ArrowUp: step_m, ArrowRight: step_m, ArrowDown: -step_m, ArrowLeft: -step_m }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    props.onBegin();
    props.onMove(head_m + by * times);
  };
  return (
    <View
      {...handlers}
      {...{ onKeyDown }}
      role="slider"
      tabIndex={0}
      testID="head-grip"
      aria-label="Set head of the target"
      aria-valuenow={head_m}
      aria-valuemin={0}
      aria-valuemax={Math.round(chart.frame.y.scale.domain()[1])}
      aria-valuetext={`${head_m} m`}
      style={[
        styles.grip,
        {
          left: chart.frame.x.scale(flow_m3h) - TOUCH / 2,
          top: chart.frame.y.scale(head_m) - TOUCH / 2,
          borderColor: palette.petrol,
        },
      ]}
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
    touchAction: 'pan-y',
    cursor: 'grab',
  } as object,
});
