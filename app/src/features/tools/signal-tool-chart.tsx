import { signalChart } from '@barythm/core/chart';
import { valueAt } from '@barythm/core/signal';
import { parseFigure } from '@barythm/core/units';
import { View } from 'react-native';
import { SignalChartView } from '../../charts/signal-chart-view';
import { useChartBox } from '../../charts/use-chart-box';

/** The line through both points of the signal tool, with the current that was asked for on it. */
export function SignalToolChart({ texts }: { texts: Readonly<Record<string, string>> }) {
  const { box, onLayout } = useChartBox(240);
  const figure = (name: string) => {
    const parsed = parseFigure(texts[name] ?? '', 'plain');
    return parsed.ok ? parsed.value : NaN;
  };
  const [x, x1, y1, x2, y2] = ['x_mA', 'x1', 'y1', 'x2', 'y2'].map(figure);
  if (![x, x1, y1, x2, y2].every(Number.isFinite) || x1 === x2) return null;
  const below = texts.below === 'hold' ? ('hold' as const) : ('stop' as const);
  const map = { x1_mA: x1, y1, x2_mA: x2, y2, below };
  const limits = { least_spm: 0, greatest_spm: Math.max(y1, y2) };
  const chart = signalChart(
    box,
    [{ column: 'target', map, watch: null, limits }],
    [{ x_mA: x, rate_spm: valueAt(map, x), ok: true }],
  );
  return (
    <View onLayout={onLayout}>
      <SignalChartView chart={chart} />
    </View>
  );
}
