import { beatStrip } from '@barythm/core/beat';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { usePalette, type Colour } from '../ui/theme';
import { Words } from '../ui/words';

interface BeatStripProps {
  readonly rates_spm: readonly number[];
  readonly greatest_spm: number;
  /** share of the day that has gone, or null where now does not matter */
  readonly now: number | null;
  readonly height?: number;
  /** the colour of the sheet that it shows, where two stand side by side */
  readonly colour?: Colour;
  /** with hours under it: tall, on a pump's own page */
  readonly hours?: boolean;
}

/** A pump's day as its rhythm: time across, rate as height, now a thin upright line. */
export function BeatStripView({
  rates_spm,
  greatest_spm,
  now,
  height = 28,
  hours,
  colour = 'petrol',
}: BeatStripProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const strip = beatStrip({ width, height }, rates_spm, greatest_spm, now);
  const most = Math.max(0, ...rates_spm);
  return (
    <View onLayout={(event) => setWidth(Math.max(1, event.nativeEvent.layout.width))} style={styles.strip}>
      <Svg
        width={width}
        height={height + 1}
        role="img"
        aria-label={`Strokes over the day: from ${Math.min(...rates_spm)} to ${most} strokes/min.`}
      >
        <Line x1={0} x2={width} y1={height + 0.5} y2={height + 0.5} stroke={palette.edge} strokeWidth={1} />
        {strip.beats
          .filter((beat) => beat.kind !== 'rest')
          .map((beat, i) => (
            <Rect
              key={i}
              x={beat.x}
              y={height - beat.height}
              width={beat.width + (beat.kind === 'band' ? 0.5 : 0)}
              height={beat.height}
              fill={palette[colour]}
            />
          ))}
        {strip.now !== null && (
          <Line x1={strip.now} x2={strip.now} y1={0} y2={height + 1} stroke={palette.ember} strokeWidth={2} />
        )}
      </Svg>
      {hours && (
        <View style={styles.hours}>
          {['0 h', '6 h', '12 h', '18 h', '24 h'].map((hour) => (
            <Words key={hour} size="small" colour="quiet" figures>
              {hour}
            </Words>
          ))}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  strip: { alignSelf: 'stretch' },
  hours: { flexDirection: 'row', justifyContent: 'space-between' },
});
