import { runsChart } from '@barythm/core/chart';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { usePalette } from '../ui/theme';
import { Axes } from './axes';
import { useChartBox } from './use-chart-box';

/** Runs of a drawdown as they come in, with the band around their mean that lets them pass. */
export function RunsChart({ volumes_mL }: { volumes_mL: readonly number[] }) {
  const palette = usePalette();
  const { box, onLayout } = useChartBox(190);
  const chart = runsChart(box, volumes_mL);
  const right = box.width - box.right;
  return (
    <View onLayout={onLayout}>
      <Svg width={box.width} height={box.height} role="img" aria-label={chart.text}>
        <Rect
          x={box.left}
          y={chart.band.top}
          width={right - box.left}
          height={Math.max(1, chart.band.bottom - chart.band.top)}
          fill={palette.moss}
          opacity={0.16}
        />
        <Axes frame={chart.frame} />
        <Line
          x1={box.left}
          x2={right}
          y1={chart.band.mean}
          y2={chart.band.mean}
          stroke={palette.moss}
          strokeWidth={1.5}
          strokeDasharray="2 4"
        />
        {chart.runs.map((run, i) => (
          <Circle key={i} cx={run.x} cy={run.y} r={6} fill={run.inside ? palette.petrol : palette.rust} />
        ))}
      </Svg>
    </View>
  );
}
