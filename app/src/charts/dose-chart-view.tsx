import type { DoseChart } from '@barythm/core/chart';
import Svg, { Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from '../ui/theme';
import { Axes } from './axes';

const COLOUR = { found: 'slate', target: 'petrol', left: 'plum' } as const;

/** Dose over water flow, with the wanted band behind the lines. */
export function DoseChartView({ chart }: { chart: DoseChart }) {
  const palette = usePalette();
  const { box } = chart.frame;
  const right = box.width - box.right;
  return (
    <Svg width={box.width} height={box.height} role="img" aria-label={`Dose over water flow. ${chart.text}`}>
      <Rect
        x={box.left}
        y={chart.band.top}
        width={right - box.left}
        height={Math.max(0, chart.band.bottom - chart.band.top)}
        fill={palette.moss}
        opacity={0.16}
      />
      <Axes frame={chart.frame} />
      <Line
        x1={box.left}
        x2={right}
        y1={chart.band.wanted}
        y2={chart.band.wanted}
        stroke={palette.moss}
        strokeWidth={1.5}
        strokeDasharray="2 4"
      />
      <SvgText
        x={right - 4}
        y={chart.band.top - 5}
        fontSize={13}
        fontFamily={FONT.bold}
        fill={palette.moss}
        textAnchor="end"
      >
        wanted band
      </SvgText>
      {chart.lines.map((line) => (
        <Path
          key={line.column}
          d={line.path}
          stroke={palette[COLOUR[line.column]]}
          strokeWidth={line.column === 'found' ? 2 : 2.5}
          strokeDasharray={line.column === 'found' ? '6 4' : undefined}
          fill="none"
        />
      ))}
    </Svg>
  );
}
