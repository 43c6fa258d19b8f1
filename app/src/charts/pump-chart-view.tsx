import type { PumpChart } from '@barythm/core/chart';
import Svg, { G, Path } from 'react-native-svg';
import { usePalette } from '../ui/theme';
import { COLUMN_COLOUR } from '../ui/words/triad';
import { Axes } from './axes';
import { ColumnMark } from './column-mark';

/** Head over flow: full speed, pipes, the lines that are held, and the duty as a cross. */
export function PumpChartView({ chart }: { chart: PumpChart }) {
  const palette = usePalette();
  const { box } = chart.frame;
  const { duty } = chart;
  return (
    <Svg width={box.width} height={box.height} role="img" aria-label={`Head over flow. ${chart.text}`}>
      <Axes frame={chart.frame} />
      <Path d={chart.full} stroke={palette.ink} strokeWidth={1.5} fill="none" />
      {chart.pipes.map((path, i) => (
        <Path
          key={i}
          d={path}
          stroke={palette.edge}
          strokeWidth={1.2}
          strokeDasharray={i > 0 ? '3 4' : undefined}
          fill="none"
        />
      ))}
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
      <Path
        d={`M${duty.x - 8} ${duty.y}h16M${duty.x} ${duty.y - 8}v16`}
        stroke={palette.ember}
        strokeWidth={3}
      />
    </Svg>
  );
}
