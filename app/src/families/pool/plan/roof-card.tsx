import { roofDay, type PoolContext } from '@barythm/core/families/pool';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useMemo } from 'react';
import Svg, { Line, Path, Rect } from 'react-native-svg';
import { View } from 'react-native';
import { useChartBox } from '../../../charts/use-chart-box';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

/** The roof over a mild day: when it runs by the two differences, and how often it starts. */
export function RoofCard({ context }: { context: PoolContext }) {
  const palette = usePalette();
  const reader = useReader();
  const { box, onLayout } = useChartBox(140);
  const { duty } = context;
  const { heat } = duty;
  const day = useMemo(() => roofDay(duty), [duty]);
  if (!day || !heat) return null;
  const words = `Starts at ${figureWithUnit(fig('difference', heat.startDifference_K), reader)} of difference, stops at ${figureWithUnit(fig('difference', heat.stopDifference_K), reader)}: ${day.hours} h of running, ${day.starts} ${day.starts === 1 ? 'start' : 'starts'}.`;
  const most = Math.max(...day.trace.map(([roof]) => roof), 40);
  const x = (i: number) => box.left + (i / (day.trace.length - 1)) * (box.width - box.left - box.right);
  const y = (value: number) => box.height - box.bottom - (value / most) * (box.height - box.top - box.bottom);
  const line = (pick: 0 | 1) =>
    day.trace
      .map((pair, i) => `${i === 0 ? 'M' : 'L'} ${x(i).toFixed(1)} ${y(pair[pick]).toFixed(1)}`)
      .join(' ');
  return (
    <Card title="Roof over a mild day" testID="roof">
      <View onLayout={onLayout}>
        <Svg width={box.width} height={box.height} role="img" aria-label={words}>
          {stretchesOf(day.running).map(([from, to]) => (
            <Rect
              key={from}
              x={x(from)}
              y={box.top}
              width={x(to) - x(from)}
              height={box.height - box.top - box.bottom}
              fill={palette.moss}
              opacity={0.2}
            />
          ))}
          <Line
            x1={box.left}
            x2={box.width - box.right}
            y1={box.height - box.bottom}
            y2={box.height - box.bottom}
            stroke={palette.edge}
          />
          <Path d={line(0)} stroke={palette.ember} strokeWidth={2} fill="none" />
          <Path d={line(1)} stroke={palette.petrol} strokeWidth={2} fill="none" strokeDasharray="5 3" />
        </Svg>
      </View>
      <Words size="small" colour="quiet">
        0 to 24 h, 0 to {figureWithUnit(fig('temperature', Math.round(most)), reader)}. Full line: roof
        without water. Dashed: water. Shaded: it runs.
      </Words>
      <Words>{words}</Words>
    </Card>
  );
}

/** From where to where it runs, in quarters of an hour. */
function stretchesOf(running: readonly boolean[]): [number, number][] {
  const out: [number, number][] = [];
  running.forEach((on, i) => {
    const last = out[out.length - 1];
    if (on && last?.[1] === i) last[1] = i + 1;
    else if (on) out.push([i, i + 1]);
  });
  return out;
}
