import { weekChart, type WeekBlock, type WeekStretch } from '@barythm/core/chart';
import type { RunStretch } from '@barythm/core/families/pool';
import { DAY_NAMES } from '@barythm/core/time';
import { Fragment, useId, useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Defs, Line, Path, Pattern, Rect } from 'react-native-svg';
import { SPACE, usePalette, type Colour } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

/** Room for the name of a day at the left of its row. */
export const DAY_LABEL = 36;
/** A prime of a minute is thinner than its hatching: it is drawn wide enough to be told from frost. */
const PRIME_LEAST = 6;
/** Room for an hour over its line. */
const HOUR = 40;

interface WeekRowsProps {
  readonly week: readonly RunStretch[];
  readonly prices: readonly (readonly { from: number; to: number; price: number }[])[];
  /** speed that fills a row */
  readonly fullSpeed_rpm: number;
  readonly colour: Colour;
  readonly rowHeight: number;
  readonly label: string;
  /** what lies over each row, given its width */
  readonly over?: (day: number, width: number) => ReactNode;
}

/** A week in seven rows: who has the pump when, how fast, the dear hours, and where a program is suppressed. */
export function WeekRows({ week, prices, fullSpeed_rpm, colour, rowHeight, label, over }: WeekRowsProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(300);
  const id = useId().replace(/:/g, '');
  const rows = useMemo(() => {
    const stretches = week.map((one): WeekStretch => ({
      from: one.from,
      to: one.to,
      share: one.speed_rpm / fullSpeed_rpm,
      cause: one.cause,
      suppressed: one.suppressed.length,
    }));
    return weekChart({ width, height: rowHeight - 8 }, stretches, prices);
  }, [week, prices, fullSpeed_rpm, width, rowHeight]);
  const paint = palette[colour];
  return (
    <View role="group" aria-label={label}>
      <View style={styles.hours}>
        {['0', '6', '12', '18', '24 h'].map((hour, i) => (
          <Words key={hour} size="small" colour="quiet" figures style={[styles.hour, HOUR_AT[i]]}>
            {hour}
          </Words>
        ))}
      </View>
      {rows.map((row, day) => (
        <View key={DAY_NAMES[day]} style={[styles.row, { height: rowHeight, borderColor: palette.line }]}>
          <Words size="small" style={styles.name}>
            {DAY_NAMES[day]}
          </Words>
          <View
            style={styles.time}
            onLayout={
              day === 0 ? (event) => setWidth(Math.max(1, event.nativeEvent.layout.width)) : undefined
            }
          >
            <Svg width={width} height={rowHeight} pointerEvents="none">
              <Defs>
                <Pattern id={`${id}-prime-${day}`} width={5} height={5} patternUnits="userSpaceOnUse">
                  <Path d="M 0 5 L 5 0" stroke={paint} strokeWidth={1.6} />
                </Pattern>
                <Pattern id={`${id}-frost-${day}`} width={5} height={5} patternUnits="userSpaceOnUse">
                  <Circle cx={2.5} cy={2.5} r={1.3} fill={paint} />
                </Pattern>
              </Defs>
              {row.dear.map((band, i) => (
                <Rect
                  key={`d${i}`}
                  x={band.x}
                  y={0}
                  width={band.width}
                  height={rowHeight}
                  fill={palette.ember}
                  opacity={0.13}
                />
              ))}
              {[6, 12, 18].map((hour) => (
                <Line
                  key={hour}
                  x1={(hour / 24) * width}
                  x2={(hour / 24) * width}
                  y1={0}
                  y2={rowHeight}
                  stroke={palette.line}
                  strokeWidth={1}
                />
              ))}
              {inOrderOfDrawing(row.blocks).map((block, i) => (
                <Fragment key={`b${i}`}>
                  {block.cause === 'prime' && <Block block={block} fill={palette.surface} />}
                  <Block
                    block={block}
                    fill={
                      block.cause === 'prime' || block.cause === 'frost'
                        ? `url(#${id}-${block.cause}-${day})`
                        : paint
                    }
                  />
                </Fragment>
              ))}
              {row.suppressed.map((part, i) => (
                <Rect
                  key={`s${i}`}
                  x={part.x + 1}
                  y={2}
                  width={Math.max(2, part.width - 2)}
                  height={5}
                  fill={palette.surface}
                  stroke={palette.rust}
                  strokeWidth={1.5}
                  strokeDasharray="3 2"
                />
              ))}
            </Svg>
            {over?.(day, width)}
          </View>
        </View>
      ))}
    </View>
  );
}

/** Primes come last: a short one is drawn over the run that follows it. */
function inOrderOfDrawing(blocks: readonly WeekBlock[]): WeekBlock[] {
  return [...blocks].sort((a, b) => Number(a.cause === 'prime') - Number(b.cause === 'prime'));
}

function Block({ block: { x, y, width, height, cause }, fill }: { block: WeekBlock; fill: string }) {
  return (
    <Rect
      x={x}
      y={y + 4}
      width={Math.max(cause === 'prime' ? PRIME_LEAST : 1, width)}
      height={height}
      fill={fill}
    />
  );
}

/** Each hour over its line; the first and the last keep within the row. */
const HOUR_AT = [
  { left: 0, textAlign: 'left' },
  { left: '25%', marginLeft: -HOUR / 2, textAlign: 'center' },
  { left: '50%', marginLeft: -HOUR / 2, textAlign: 'center' },
  { left: '75%', marginLeft: -HOUR / 2, textAlign: 'center' },
  { right: 0, textAlign: 'right' },
] as const;

const styles = StyleSheet.create({
  hours: { height: 20, marginLeft: DAY_LABEL },
  hour: { position: 'absolute', width: HOUR },
  row: { flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, gap: 0 },
  name: { width: DAY_LABEL, paddingRight: SPACE.xs },
  time: { flex: 1, alignSelf: 'stretch' },
});
