import type { PressureChart } from '@barythm/core/chart';
import Svg, { Circle, G, Path, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from '../ui/theme';
import { COLUMN_COLOUR } from '../ui/words/triad';
import { Axes } from './axes';
import { ColumnMark } from './column-mark';

/** Pressure over demand: curves at frequencies, what the plant asks for, what is held, and where it stops for no demand. */
export function PressureChartView({ chart, text }: { chart: PressureChart; text: string }) {
  const palette = usePalette();
  const { box } = chart.frame;
  const { duty, stop } = chart;
  return (
    <Svg width={box.width} height={box.height} role="img" aria-label={`Pressure over demand. ${text}`}>
      <Axes frame={chart.frame} />
      {chart.curves.map(({ label, path, end, beside }) => (
        <G key={label}>
          <Path d={path} stroke={palette.edge} strokeWidth={1.3} fill="none" />
          <SvgText
            x={end.x + (beside ? 5 : 0)}
            y={end.y - (beside ? 0 : 7)}
            fontSize={13}
            fontFamily={FONT.text}
            fill={palette.quiet}
            textAnchor="start"
          >
            {label}
          </SvgText>
        </G>
      ))}
      <Path d={chart.asked} stroke={palette.ink} strokeWidth={1.3} strokeDasharray="2 4" fill="none" />
      {chart.lines.map(({ column, path, mark }) => (
        <G key={column}>
          <Path
            d={path}
            stroke={palette[COLUMN_COLOUR[column]]}
            strokeWidth={2.5}
            strokeDasharray={column === 'found' ? '6 4' : undefined}
            fill="none"
          />
          <ColumnMark column={column} at={mark} />
        </G>
      ))}
      {stop && (
        <Circle
          cx={stop.x}
          cy={stop.y}
          r={7}
          stroke={palette.petrol}
          strokeWidth={2.5}
          fill={palette.surface}
        />
      )}
      <Path
        d={`M${duty.x - 8} ${duty.y}h16M${duty.x} ${duty.y - 8}v16`}
        stroke={palette.ember}
        strokeWidth={3}
      />
    </Svg>
  );
}
