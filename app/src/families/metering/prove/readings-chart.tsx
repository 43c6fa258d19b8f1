import { signalChart, type SignalLine } from '@barythm/core/chart';
import { isSetInFlow, standing, understand } from '@barythm/core/families/metering';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { SignalChartView } from '../../../charts/signal-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { Card } from '../../../ui/card';
import { useWide } from '../../../ui/screen/layout';
import { SPACE } from '../../../ui/theme';
import { TriadName } from '../../../ui/words/triad';
import { rateAxis } from '../plan/rate-axis';
import { useMetering } from '../use-metering';

/** The readings on the chart, against the lines as found and as left. */
export function ReadingsChart() {
  const { view } = useMetering();
  const { box, onLayout } = useChartBox(useWide() ? 340 : 280);
  const { context, settings, values, readings } = view;
  const lines = useMemo<SignalLine[]>(() => {
    if (!context) return [];
    const found = understand(context.profile, context.plate, values.found);
    return [
      ...(found.mode === 'analog' && found.map
        ? [{ column: 'found' as const, map: found.map, watch: found.watch, limits: found.limits }]
        : []),
      ...(settings.map
        ? [{ column: 'left' as const, map: settings.map, watch: settings.watch, limits: settings.limits }]
        : []),
    ];
  }, [context, values.found, settings]);
  const chart = useMemo(
    () =>
      signalChart(
        box,
        lines,
        standing(readings)
          .filter((reading) => reading.verdict?.measured_spm != null)
          .map((reading) => ({
            x_mA: reading.entry.reading.injected_mA,
            rate_spm: reading.verdict?.measured_spm ?? 0,
            ok: reading.verdict?.ok ?? false,
          })),
        context && isSetInFlow(context.profile) ? 0 : settings.geared_spm,
        context ? rateAxis({ context, values: values.force }) : undefined,
      ),
    [box, lines, readings, settings.geared_spm, context, values.force],
  );
  return (
    <Card title="Readings on the chart" testID="readings-chart">
      <View style={styles.names}>
        {lines.map((line) => (
          <TriadName key={line.column} column={line.column} />
        ))}
      </View>
      <View onLayout={onLayout}>
        <SignalChartView chart={chart} />
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({ names: { flexDirection: 'row', gap: SPACE.l } });
