import { signalChart } from '@barythm/core/chart';
import { signalTool } from '@barythm/core/tools';
import { fig, figureNumber, METRIC, parseFigure, type Quantity } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { SignalChartView } from '../../charts/signal-chart-view';
import { useChartBox } from '../../charts/use-chart-box';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/choice';
import { Field } from '../../ui/field';
import { Screen } from '../../ui/screen';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words';
import { useToolForm } from './use-tool-form';

const QUANTITIES: Record<string, Quantity | null> = {
  x_mA: 'current',
  x1: 'current',
  y1: 'strokeRate',
  x2: 'current',
  y2: 'strokeRate',
  below: null,
};
const INITIAL = { x_mA: '12', x1: '4', y1: '0', x2: '20', y2: '100', below: 'stop' };

/** Two points and a current → what the pump does. */
export function SignalToolScreen() {
  const form = useToolForm(signalTool, QUANTITIES, INITIAL);
  const field = (name: string, label: string, unit: string) => (
    <View style={styles.cell}>
      <Field
        label={label}
        unit={unit}
        value={form.texts[name] ?? ''}
        error={form.errors[name]}
        onChange={(text) => form.set(name, text)}
        testID={`tool-${name}`}
      />
    </View>
  );
  return (
    <Screen title={signalTool.name} over="Tools">
      <Card>
        {field('x_mA', 'Current', 'mA')}
        <View>
          <Words size="small" colour="quiet">
            The pump makes
          </Words>
          <Words figures bold size="hero" testID="tool-result">
            {form.result ? figureNumber(fig('strokeRate', form.result.value), METRIC) : '–'}
            <Words size="large" colour="quiet">
              {' '}
              strokes/min
            </Words>
          </Words>
        </View>
      </Card>
      <Card title="Set points">
        <View style={styles.pair}>
          {field('x1', 'Point 1', 'mA')}
          {field('y1', 'Rate 1', '1/min')}
        </View>
        <View style={styles.pair}>
          {field('x2', 'Point 2', 'mA')}
          {field('y2', 'Rate 2', '1/min')}
        </View>
        <Choice
          label="Below point 1"
          options={[
            { value: 'stop', label: 'Stop' },
            { value: 'hold', label: 'Hold' },
          ]}
          value={form.texts.below as 'stop' | 'hold'}
          onChange={(value) => form.set('below', value)}
        />
      </Card>
      <Chart texts={form.texts} value={form.result?.value ?? null} />
      <Words size="small" colour="quiet">
        {signalTool.about} Held above the upper point.
      </Words>
    </Screen>
  );
}

function Chart({ texts, value }: { texts: Readonly<Record<string, string>>; value: number | null }) {
  const { box, onLayout } = useChartBox(240);
  const figure = (name: string) => {
    const parsed = parseFigure(texts[name] ?? '', 'current');
    return parsed.ok ? parsed.value : NaN;
  };
  const [x, x1, y1, x2, y2] = ['x_mA', 'x1', 'y1', 'x2', 'y2'].map(figure);
  if (value === null || x1 === x2) return null;
  const below = texts.below === 'hold' ? ('hold' as const) : ('stop' as const);
  const limits = { least_spm: 0, greatest_spm: Math.max(y1, y2) };
  const chart = signalChart(
    box,
    [{ column: 'target', map: { x1_mA: x1, y1, x2_mA: x2, y2, below }, watch: null, limits }],
    [{ x_mA: x, rate_spm: value, ok: true }],
  );
  return (
    <View onLayout={onLayout}>
      <SignalChartView chart={chart} />
    </View>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.m },
  cell: { flex: 1, minWidth: 0 },
});
