import { lineChart, type LineChart } from '@barythm/core/chart';
import type { BlockOf } from '@barythm/core/visit';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { Axes } from '../../../../charts/axes';
import { ColumnMark } from '../../../../charts/column-mark';
import { useChartBox } from '../../../../charts/use-chart-box';
import { Card } from '../../../../ui/card';
import { SPACE, usePalette } from '../../../../ui/theme';
import { COLUMN_COLOUR, TriadName } from '../../../../ui/words/triad';

/** Lines over an axis with what was measured on them, as they were handed over. */
export function ChartCard({ block }: { block: BlockOf<'chart'> }) {
  const { box, onLayout } = useChartBox(260);
  const chart = useMemo(() => lineChart(box, block), [box, block]);
  return (
    <Card title={block.title} testID={`block-${block.key}`}>
      <View style={styles.legend}>
        {block.lines.map(({ column }) => (
          <TriadName key={column} column={column} />
        ))}
      </View>
      <View onLayout={onLayout}>
        <Svg width={box.width} height={box.height} role="img" aria-label={`${block.title}. ${block.says}`}>
          <Axes frame={chart.frame} />
          <Lines chart={chart} />
        </Svg>
      </View>
    </Card>
  );
}

function Lines({ chart: { lines, dots } }: { chart: LineChart }) {
  const palette = usePalette();
  return (
    <G>
      {lines.map(({ column, path, marks }) => (
        <G key={column}>
          <Path
            d={path}
            stroke={palette[COLUMN_COLOUR[column]]}
            strokeWidth={column === 'target' ? 2.5 : 2}
            strokeDasharray={column === 'found' ? '6 4' : undefined}
            fill="none"
          />
          {marks.map((mark, i) => (
            <ColumnMark key={i} column={column} at={mark} />
          ))}
        </G>
      ))}
      {dots.map(({ x, y, ok }, i) => (
        <Path
          key={i}
          d={`M${x - 6} ${y}h12M${x} ${y - 6}v12`}
          stroke={ok ? palette.moss : palette.rust}
          strokeWidth={3}
        />
      ))}
    </G>
  );
}

const styles = StyleSheet.create({
  legend: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
});
