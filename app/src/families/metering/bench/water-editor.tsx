import { useState } from 'react';
import { StyleSheet, View, type GestureResponderEvent } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { Field } from '../../../ui/fields/field';
import { useReader } from '../../../ui/reader';
import { SPACE, usePalette } from '../../../ui/theme';
import { UndoButton } from '../../../ui/touch/undo-button';
import { useDrag } from '../../../ui/touch/use-drag';
import { useUndo } from '../../../ui/touch/use-undo';
import { Words } from '../../../ui/words/words';
import { fig, figureWithUnit, parseFigure } from '@barythm/core/units';

const HEIGHT = 140;

interface WaterEditorProps {
  readonly hours_m3h: readonly number[];
  readonly greatest_m3h: number;
  readonly onChange: (hours_m3h: readonly number[]) => void;
}

/** A day of water drawn by finger or mouse, and the same hours as figures. */
export function WaterEditor({ hours_m3h, greatest_m3h, onChange }: WaterEditorProps) {
  const palette = usePalette();
  const reader = useReader();
  const [width, setWidth] = useState(320);
  const undo = useUndo(hours_m3h, onChange);
  const draw = (event: GestureResponderEvent) => {
    const hour = Math.max(0, Math.min(23, Math.floor((event.nativeEvent.locationX / width) * 24)));
    const share = Math.max(0, Math.min(1, 1 - event.nativeEvent.locationY / HEIGHT));
    const flow = Math.round(share * greatest_m3h * 10) / 10;
    onChange(hours_m3h.map((old, i) => (i === hour ? flow : old)));
  };
  const handlers = useDrag({
    onBegin: undo.keep,
    onMove: (_dx, _dy, event) => draw(event),
    onTap: (event) => {
      undo.keep();
      draw(event);
    },
  });
  const slot = width / 24;
  return (
    <View style={styles.editor}>
      <Words size="small" bold>
        Water of each hour, up to {figureWithUnit(fig('waterFlow', greatest_m3h), reader)}: draw it sideways
      </Words>
      <View
        {...handlers}
        testID="water-draw"
        style={styles.draw}
        onLayout={(event) => setWidth(Math.max(1, event.nativeEvent.layout.width))}
      >
        <Svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`Water of the day: ${hours_m3h.join(', ')} m³/h.`}
          pointerEvents="none"
        >
          {hours_m3h.map((flow, hour) => {
            const height = Math.min(HEIGHT, (flow / greatest_m3h) * HEIGHT);
            return (
              <Rect
                key={hour}
                x={hour * slot + 1}
                y={HEIGHT - height}
                width={Math.max(1, slot - 2)}
                height={height}
                fill={palette.petrol}
              />
            );
          })}
          <Line x1={0} x2={width} y1={HEIGHT - 0.5} y2={HEIGHT - 0.5} stroke={palette.edge} strokeWidth={1} />
        </Svg>
      </View>
      <UndoButton undo={undo} testID="water-undo" />
      <HourFigures hours_m3h={hours_m3h} onChange={onChange} />
    </View>
  );
}

function HourFigures({ hours_m3h, onChange }: Pick<WaterEditorProps, 'hours_m3h' | 'onChange'>) {
  const [typing, setTyping] = useState<string | null>(null);
  const read = typing === null ? null : readHours(typing);
  return (
    <Field
      words
      lines={2}
      label="Or as 24 figures, m³/h"
      testID="water-figures"
      value={typing ?? hours_m3h.join(' ')}
      error={typeof read === 'string' ? read : null}
      onBlur={() => setTyping(null)}
      onChange={(text) => {
        setTyping(text);
        const next = readHours(text);
        if (typeof next !== 'string') onChange(next);
      }}
    />
  );
}

function readHours(text: string): readonly number[] | string {
  const words = text.split(/[\s;]+/).filter(Boolean);
  if (words.length !== 24) return `A day has 24 hours; ${words.length} figures are entered.`;
  const flows = words.map((word) => parseFigure(word, 'waterFlow'));
  const wrong = flows.findIndex((flow) => !flow.ok || flow.value < 0);
  if (wrong >= 0) return `Hour ${wrong}: “${words[wrong]}” is no water flow.`;
  return flows.map((flow) => (flow.ok ? flow.value : 0));
}

const styles = StyleSheet.create({
  editor: { gap: SPACE.s },
  draw: { height: HEIGHT, touchAction: 'pan-y', cursor: 'crosshair' } as object,
});
