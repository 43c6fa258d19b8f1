import type { HandoverDay, HandoverSummary } from '@barythm/core/visit';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { StyleSheet, View } from 'react-native';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { Card } from '../../../ui/card';
import { SPACE } from '../../../ui/theme';
import { COLUMN_COLOUR, TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';

/** The dose as it was and as it is: the figure the customer looks for. */
export function BeforeAndAfter({ summary }: { summary: HandoverSummary }) {
  const reader = useReader();
  const { wanted, water } = summary;
  if (!wanted || !water || summary.dose.length === 0) return null;
  const dose = (value: number | null) =>
    value === null ? 'not known' : figureWithUnit(fig('dose', value), reader);
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
              at the usual {figureWithUnit(fig('waterFlow', water.usual_m3h), reader)}
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

/** What was found and what is left over the same day of water: what the customer gets out of the visit. */
export function SameDay({ days }: { days: readonly HandoverDay[] }) {
  const reader = useReader();
  if (days.length < 2) return null;
  const most = Math.max(1, ...days.flatMap((day) => day.hourly_spm));
  const litres = (value: number) => figureWithUnit(fig('volume', value), reader);
  return (
    <Card title="The same day, before and after" testID="same-day">
      {days.map((day) => (
        <View key={day.column} style={styles.side} testID={`day-${day.column}`}>
          <TriadName column={day.column} />
          <BeatStripView
            rates={day.hourly_spm}
            greatest={most}
            unit="strokes/min"
            now={null}
            height={36}
            colour={COLUMN_COLOUR[day.column]}
          />
          <Words bold colour={day.inBand >= 0.9 ? 'moss' : 'rust'}>
            {Math.round(day.inBand * 100)} % of the time in the wanted band
          </Words>
          <Words size="small">
            {litres(day.given_L)} of product given, {litres(day.wanted_L)} wanted
          </Words>
        </View>
      ))}
      <Words size="small" colour="quiet">
        From 0:00 to 24:00, worked out from the settings and the usual water; not measured.
      </Words>
    </Card>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.l },
  side: { flex: 1, gap: 2, minWidth: 0 },
});
