import type { HandoverSummary } from '@barythm/core/job';
import { fig, figureWithUnit, METRIC } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { SPACE } from '../../../ui/theme';
import { TriadName } from '../../../ui/triad';
import { Words } from '../../../ui/words';

/** The dose as it was and as it is: the figure the customer looks for. */
export function BeforeAndAfter({ summary }: { summary: HandoverSummary }) {
  const { wanted, water } = summary;
  if (!wanted || !water || summary.dose.length === 0) return null;
  const dose = (value: number | null) =>
    value === null ? 'not known' : figureWithUnit(fig('dose', value), METRIC);
  return (
    <Card title="Dose, before and after" testID="before-after">
      <View style={styles.pair}>
        {summary.dose.map((side) => (
          <View key={side.column} style={styles.side} testID={`dose-${side.column}`}>
            <TriadName column={side.column} />
            <Words figures bold size={side.atUsual_mgl === null ? 'large' : 'title'}>
              {dose(side.atUsual_mgl)}
            </Words>
            <Words size="small" colour="quiet">
              at the usual {figureWithUnit(fig('waterFlow', water.usual_m3h), METRIC)}
            </Words>
            {side.atLeast_mgl !== null && (
              <Words size="small">
                {dose(side.atLeast_mgl)} at least flow, {dose(side.atGreatest_mgl)} at greatest
              </Words>
            )}
            {side.inBand !== null && (
              <Words size="small" bold colour={side.inBand ? 'moss' : 'rust'}>
                {side.inBand ? 'within the band' : 'leaves the band'}
              </Words>
            )}
          </View>
        ))}
      </View>
      <Words size="small" colour="quiet">
        Wanted {dose(wanted.wanted_mgl)}, from {dose(wanted.low_mgl)} to {dose(wanted.high_mgl)}.
      </Words>
    </Card>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.l },
  side: { flex: 1, gap: 2, minWidth: 0 },
});
