import { beatStrip, type BeatCause } from '@barythm/core/beat';
import { useId, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Defs, Line, Path, Pattern, Rect } from 'react-native-svg';
import { usePalette, type Colour } from '../ui/theme';
import { Words } from '../ui/words/words';

interface BeatStripProps {
  readonly rates: readonly number[];
  readonly greatest: number;
  /** what the rates are in */
  readonly unit: string;
  /** why it runs, by pattern; programs where none are given */
  readonly causes?: readonly BeatCause[];
  /** share of the day that has gone, or null where now does not matter */
  readonly now: number | null;
  readonly height?: number;
  /** the colour of the sheet that it shows, where two stand side by side */
  readonly colour?: Colour;
  /** what it shows in words; the span of its rates where nothing is said */
  readonly says?: string;
  /** with hours under it: tall, on a pump's own page */
  readonly hours?: boolean;
}

/** A pump's day as its rhythm: time across, rate as height, now a thin upright line. */
export function BeatStripView({
  rates,
  greatest,
  unit,
  causes,
  now,
  height = 28,
  hours,
  colour = 'petrol',
  says,
}: BeatStripProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const strip = beatStrip({ width, height }, rates, greatest, now, causes);
  const most = Math.max(0, ...rates);
  const pattern = useId().replace(/:/g, '');
  return (
    <View onLayout={(event) => setWidth(Math.max(1, event.nativeEvent.layout.width))} style={styles.strip}>
      <Svg
        width={width}
        height={height + 1}
        role="img"
        aria-label={
          says ?? `Over the day: from ${Math.round(Math.min(...rates))} to ${Math.round(most)} ${unit}.`
        }
      >
        <Defs>
          <Pattern id={`${pattern}-prime`} width={5} height={5} patternUnits="userSpaceOnUse">
            <Path d="M 0 5 L 5 0" stroke={palette[colour]} strokeWidth={1.6} />
          </Pattern>
          <Pattern id={`${pattern}-frost`} width={5} height={5} patternUnits="userSpaceOnUse">
            <Circle cx={2.5} cy={2.5} r={1.3} fill={palette[colour]} />
          </Pattern>
        </Defs>
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
              fill={fillOf(beat.cause, palette[colour], pattern)}
              stroke={beat.cause === 'hand' ? palette[colour] : undefined}
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

/** Cause shows by pattern as well as colour: program solid, prime hatched, frost dotted, hand run outlined. */
function fillOf(cause: BeatCause, colour: string, pattern: string): string {
  if (cause === 'prime' || cause === 'frost') return `url(#${pattern}-${cause})`;
  return cause === 'hand' ? 'none' : colour;
}

const styles = StyleSheet.create({
  strip: { alignSelf: 'stretch' },
  hours: { flexDirection: 'row', justifyContent: 'space-between' },
});
