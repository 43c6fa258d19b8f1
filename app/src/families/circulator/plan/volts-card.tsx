import { voltsChart } from '@barythm/core/chart';
import type { CirculatorSettings } from '@barythm/core/families/circulator';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useChartBox } from '../../../charts/use-chart-box';
import { VoltsChartView } from '../../../charts/volts-chart-view';
import { Card } from '../../../ui/card';
import { SPACE } from '../../../ui/theme';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import type { CirculatorWork } from './circulator-work';

/** What its speed does along the site's voltage, as found and as planned. */
export function VoltsCard({ work }: { work: CirculatorWork }) {
  const { box, onLayout } = useChartBox(240);
  const { duty } = work.context;
  const { found, settings } = work;
  const chart = useMemo(
    () =>
      voltsChart(box, {
        found: found && inputOf(found),
        target: inputOf(settings),
        leastShare: duty.pump.leastShare,
      }),
    [box, found, settings, duty],
  );
  if (chart.lines.length === 0) return null;
  return (
    <Card title="Speed by voltage" testID="volts-card">
      <View style={styles.names}>
        {chart.lines.map(({ column }) => (
          <TriadName key={column} column={column} />
        ))}
      </View>
      <View onLayout={onLayout}>
        <VoltsChartView chart={chart} />
      </View>
      <Words testID="volts-said">{chart.text}</Words>
      <Words size="small" colour="quiet">
        Shaded: between both it keeps its state. It has no live zero: a broken wire is a stop that nothing
        reports.
      </Words>
    </Card>
  );
}

/** Its voltages where it goes by them and all three are known. */
function inputOf({ source, volts: { off_V, on_V, full_V } }: CirculatorSettings) {
  if (source !== 'volts' || off_V === null || on_V === null || full_V === null) return null;
  // thresholds in the wrong order draw no line: the finding says so
  return off_V <= on_V && on_V < full_V ? { off_V, on_V, full_V } : null;
}

const styles = StyleSheet.create({
  names: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
});
