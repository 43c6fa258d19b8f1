import type { Frame } from '@barythm/core/chart';
import { useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { TOUCH, usePalette } from '../../ui/theme';
import { useDrag } from '../../ui/touch/use-drag';

interface LevelGripProps {
  readonly frame: Frame;
  /** where it stands along the other axis */
  readonly x: number;
  readonly value: number;
  readonly step: number;
  /** what it is, for those who do not see it */
  readonly label: string;
  readonly unit: string;
  readonly testID: string;
  readonly onBegin: () => void;
  readonly onMove: (value: number) => void;
}

/** A grip at a level of a chart: moved up and down by a finger, by mouse, and by the arrow keys. */
export function LevelGrip(props: LevelGripProps) {
  const { frame, x, value, step, label, unit, testID } = props;
  const palette = usePalette();
  const from = useRef(0);
  const handlers = useDrag({
    axis: 'up-down',
    onBegin: () => {
      from.current = props.frame.y.scale(props.value);
      props.onBegin();
    },
    onMove: (_dx, dy) => props.onMove(props.frame.y.scale.invert(from.current + dy)),
  });
  const onKeyDown = (event: { key: string; shiftKey: boolean; preventDefault: () => void }) => {
    const times = event.shiftKey ? 10 : 1;
    const by = { ArrowUp: step, ArrowRight: step, ArrowDown: -step, ArrowLeft: -step }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    props.onBegin();
    props.onMove(value + by * times);
  };
  return (
    <View
      {...handlers}
      {...{ onKeyDown }}
      role="slider"
      tabIndex={0}
      testID={testID}
      aria-label={label}
      aria-valuenow={value}
      aria-valuemin={0}
      aria-valuemax={Math.round(frame.y.scale.domain()[1])}
      aria-valuetext={`${value} ${unit}`}
      style={[
        styles.grip,
        {
          left: frame.x.scale(x) - TOUCH / 2,
          top: frame.y.scale(value) - TOUCH / 2,
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
    // the page stands still under a finger that moves it
    touchAction: 'pan-x',
    cursor: 'grab',
  } as object,
});
