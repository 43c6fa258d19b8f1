import type { SpaDuty } from '@barythm/core/families/spa';
import { DAY_MIN } from '@barythm/core/time';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Rect, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from '../../../ui/theme';

const ROW = 20;
type Stretch = { readonly from: number; readonly to: number };

/** Stretches over midnight in two. */
function parts({ from, to }: Stretch): Stretch[] {
  return from < to
    ? [{ from, to }]
    : [
        { from, to: DAY_MIN },
        { from: 0, to },
      ];
}

/** Quiet hours and the dearest hours of the day, under a strip of it. */
export function ShunnedBand({ quiet, prices }: Pick<SpaDuty, 'quiet' | 'prices'>) {
  const palette = usePalette();
  const [width, setWidth] = useState(320);
  const all = prices.map(({ price }) => price);
  const most = Math.max(...all);
  const dear = most > Math.min(...all) ? prices.filter(({ price }) => price === most) : [];
  const rows = [
    { name: 'quiet', colour: palette.slate, stretches: quiet.flatMap(parts) },
    { name: 'dear', colour: palette.ochre, stretches: dear.flatMap(parts) },
  ].filter(({ stretches }) => stretches.length > 0);
  if (rows.length === 0) return null;
  const at = (minute: number) => (minute / DAY_MIN) * width;
  return (
    <View onLayout={(event) => setWidth(Math.max(1, event.nativeEvent.layout.width))}>
      <Svg
        width={width}
        height={rows.length * ROW}
        role="img"
        aria-label={`${rows.map(({ name }) => name).join(' and ')} hours of the day.`}
      >
        {rows.map(({ name, colour, stretches }, i) =>
          stretches.map(({ from, to }) => (
            <G key={`${name}-${from}`}>
              <Rect
                x={at(from)}
                y={i * ROW + 2}
                width={Math.max(1, at(to) - at(from))}
                height={ROW - 4}
                fill={colour}
                opacity={0.3}
                rx={2}
              />
              {at(to) - at(from) > 36 && (
                <SvgText
                  x={(at(from) + at(to)) / 2}
                  y={i * ROW + 15}
                  fontSize={13}
                  fontFamily={FONT.text}
                  fill={palette.ink}
                  textAnchor="middle"
                >
                  {name}
                </SvgText>
              )}
            </G>
          )),
        )}
      </Svg>
    </View>
  );
}
