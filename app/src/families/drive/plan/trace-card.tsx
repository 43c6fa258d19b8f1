import { timeChart } from '@barythm/core/chart';
import { pressureTrace, type Scene } from '@barythm/core/families/drive';
import { fig, figureWithUnit, inSystemOf } from '@barythm/core/units';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { TimeChartView } from '../../../charts/time-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { useReader } from '../../../ui/reader';
import { Words } from '../../../ui/words/words';
import type { DriveWork } from './drive-work';

const NAMES: Readonly<Record<Scene, string>> = {
  start: 'A tap opens',
  stop: 'All taps shut',
  shut: 'Closed-valve test',
};

/** What pressure and frequency do in a start, a stop and a closed-valve test, with the settings of the plan. */
export function TraceCard({ work }: { work: DriveWork }) {
  const [scene, setScene] = useState<Scene>('stop');
  const { box, onLayout } = useChartBox(220);
  const { context, values, settings } = work;
  const trace = useMemo(() => pressureTrace(context, values, scene), [context, values, scene]);
  const { cutIn_bar, set_bar, stop_hz } = settings;
  const reader = useReader();
  const level = (at: number | null, name: string) => (at === null ? [] : [{ at, name }]);
  const [pressure, frequency] = useMemo(() => {
    // the picture is read in the reader's own unit
    const shown = (bar: number) => inSystemOf(bar, 'bar', reader.system).value;
    return [
      timeChart(box, {
        values: trace.pressure_bar.map(shown),
        title: `Pressure, ${inSystemOf(0, 'bar', reader.system).unit}`,
        reaches: shown(set_bar ?? 1),
        levels: [
          ...level(set_bar === null ? null : shown(set_bar), 'set'),
          ...level(cutIn_bar === null ? null : shown(cutIn_bar), 'cut-in'),
        ],
        marks: trace.marks,
      }),
      timeChart(box, {
        values: trace.frequency_hz,
        title: 'Frequency of the lead, Hz',
        reaches: context.duty.pump.rated_hz,
        levels: level(stop_hz, 'stop'),
        marks: trace.marks,
      }),
    ];
  }, [box, trace, set_bar, cutIn_bar, stop_hz, context, reader]);
  const [low, high] = [Math.min(...trace.pressure_bar), Math.max(...trace.pressure_bar)];
  const say = (bar: number) => figureWithUnit(fig('pressure', bar), reader);
  const said =
    scene === 'shut'
      ? `Shut, it settles at ${trace.frequency_hz[trace.marks[1].at_s - 1].toFixed(1)} Hz, with its vessel behind the valve and without stopping.`
      : `Between ${say(low)} and ${say(high)}; at the end ${trace.frequency_hz.at(-1)?.toFixed(1)} Hz.`;
  return (
    <Card title="Second by second" testID="trace-card">
      <Choice
        label="What is done"
        testID="trace-scene"
        options={(Object.keys(NAMES) as Scene[]).map((value) => ({ value, label: NAMES[value] }))}
        value={scene}
        onChange={setScene}
      />
      <View onLayout={onLayout}>
        <TimeChartView chart={pressure} text={`Pressure. ${said}`} />
        <TimeChartView chart={frequency} text={`Frequency. ${said}`} />
      </View>
      <Words testID="trace-said">{said}</Words>
      <Words size="small" colour="quiet">
        Simulated from curve, vessel and settings, at the usual draw before.
      </Words>
    </Card>
  );
}
