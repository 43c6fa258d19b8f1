import { strokeChart } from '@barythm/core/chart';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { Axes } from '../../../charts/axes';
import { useChartBox } from '../../../charts/use-chart-box';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { usePalette, type Colour } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { BenchClient } from '../../../workers/bench-client';
import type { StrokeShown } from '../../../workers/bench-messages';
import { clockOf } from '../../../kit/bench';

interface StrokeCardProps {
  readonly client: BenchClient;
  readonly at_s: number;
  readonly seconds: number;
  readonly colours: readonly Colour[];
}

/** Pressure over one stroke at the chosen moment, worked out when it is asked for. */
export function StrokeCard({ client, at_s, seconds, colours }: StrokeCardProps) {
  const reader = useReader();
  const [shown, setShown] = useState<{ at_s: number; strokes: readonly StrokeShown[] } | null>(null);
  const moment = Math.min(Math.floor(at_s), seconds - 1);
  const ask = () => {
    void client.strokesAt(moment).then((strokes) => setShown({ at_s: moment, strokes }));
  };
  return (
    <Card title="Pressure over a stroke" testID="bench-stroke">
      <Button
        label={`Show the stroke at ${clockOf(moment, seconds > 86_400)}`}
        testID="stroke-show"
        onPress={ask}
      />
      {shown?.strokes.map((stroke, i) => (
        <View key={i} testID={`stroke-${i}`}>
          <Words bold colour={colours[i]}>
            {stroke.name}, {clockOf(shown.at_s, seconds > 86_400)}
          </Words>
          <Words size="small" colour="quiet">
            {stroke.gas_mL > 0.0005
              ? `${figureWithUnit(fig('strokeVolume', stroke.gas_mL), reader)} of gas in the head: the rise comes late.`
              : 'No gas in the head: the rise comes at once.'}
          </Words>
          <StrokeView stroke={stroke} colour={colours[i]} />
        </View>
      ))}
    </Card>
  );
}

function StrokeView({ stroke, colour }: { stroke: StrokeShown; colour: Colour }) {
  const palette = usePalette();
  const { box, onLayout } = useChartBox(170);
  const chart = strokeChart(box, stroke.trace);
  return (
    <View onLayout={onLayout}>
      <Svg width={box.width} height={box.height} role="img" aria-label={chart.text}>
        <Axes frame={chart.frame} />
        <Path d={chart.path} stroke={palette[colour]} strokeWidth={2.5} fill="none" />
      </Svg>
    </View>
  );
}
