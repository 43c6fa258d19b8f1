import { runsChart } from '@barythm/core/chart';
import { View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { usePalette } from '../ui/theme';
import { Axes } from './axes';
import { WantedBand } from './wanted-band';
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
        <WantedBand
          left={box.left}
          right={right}
          top={chart.band.top}
          bottom={chart.band.bottom}
          middle={chart.band.mean}
        >
          <Axes frame={chart.frame} />
        </WantedBand>
        {chart.runs.map((run, i) => (
          <Circle key={i} cx={run.x} cy={run.y} r={6} fill={run.inside ? palette.petrol : palette.rust} />
        ))}
      </Svg>
    </View>
  );
}
