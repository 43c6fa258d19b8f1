import type { VoltsChart } from '@barythm/core/chart';
import Svg, { Path, Rect } from 'react-native-svg';
import { usePalette } from '../ui/theme';
import { COLUMN_COLOUR } from '../ui/words/triad';
import { Axes } from './axes';

/** Speed over voltage; shaded, the band in which it keeps its state. */
export function VoltsChartView({ chart }: { chart: VoltsChart }) {
  const palette = usePalette();
  const { box } = chart.frame;
  return (
    <Svg width={box.width} height={box.height} role="img" aria-label={`Speed over voltage. ${chart.text}`}>
      {chart.lines.map(({ column, starts, stops }) => (
        <Rect
          key={column}
          x={stops}
          y={box.top}
          width={Math.max(1, starts - stops)}
          height={box.height - box.bottom - box.top}
          fill={palette[COLUMN_COLOUR[column]]}
          opacity={0.16}
        />
      ))}
      <Axes frame={chart.frame} />
      {chart.lines.map(({ column, path }) => (
        <Path
          key={column}
          d={path}
          stroke={palette[COLUMN_COLOUR[column]]}
          strokeWidth={2.5}
          strokeDasharray={column === 'found' ? '6 4' : undefined}
          fill="none"
        />
      ))}
    </Svg>
  );
}
