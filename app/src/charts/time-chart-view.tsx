import type { TimeChart } from '@barythm/core/chart';
import Svg, { G, Line, Path, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette, type Colour } from '../ui/theme';
import { Axes } from './axes';

/** Something over time, with the levels that matter and what happened. */
export function TimeChartView({
  chart,
  text,
  colour = 'ember',
  other = 'slate',
}: {
  chart: TimeChart;
  text: string;
  /** of the sheet that it shows; ember for what is live */
  colour?: Colour;
  /** of what it is compared with */
  other?: Colour;
}) {
  const palette = usePalette();
  const { box } = chart.frame;
  const [left, right] = [box.left, box.width - box.right];
  return (
    <Svg width={box.width} height={box.height} role="img" aria-label={text}>
      <Axes frame={chart.frame} />
      {chart.levels.map(({ y, name }) => (
        <G key={name}>
          <Line
            x1={left}
            x2={right}
            y1={y}
            y2={y}
            stroke={palette.petrol}
            strokeWidth={1}
            strokeDasharray="3 4"
          />
          <SvgText
            x={right}
            y={y - 4}
            fontSize={13}
            fontFamily={FONT.text}
            fill={palette.petrol}
            textAnchor="end"
          >
            {name}
          </SvgText>
        </G>
      ))}
      {chart.marks.map(({ x, words }) => (
        <G key={words}>
          <Line
            x1={x}
            x2={x}
            y1={box.top}
            y2={box.height - box.bottom}
            stroke={palette.ochre}
            strokeWidth={1}
          />
          <SvgText
            x={x + 4}
            y={box.height - box.bottom - 6}
            fontSize={13}
            fontFamily={FONT.text}
            fill={palette.ochre}
          >
            {words}
          </SvgText>
        </G>
      ))}
      {chart.before && (
        <Path d={chart.before} stroke={palette[other]} strokeWidth={2} strokeDasharray="6 4" fill="none" />
      )}
      <Path d={chart.path} stroke={palette[colour]} strokeWidth={2.5} fill="none" />
    </Svg>
  );
}
