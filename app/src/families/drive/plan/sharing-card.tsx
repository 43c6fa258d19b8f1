import { capital } from '@barythm/core/words';
import { SHARING_WORDS } from '@barythm/core/families/drive';
import { powerChart } from '@barythm/core/chart';
import { drawDay_m3h, runsAtDraw, sharingDay_kWh } from '@barythm/core/families/drive';
import { SHARING, type Sharing } from '@barythm/core/hydraulics';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { PowerChartView } from '../../../charts/power-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { DriveWork } from './drive-work';

/** Units running, over demand, and what each way of sharing takes: the cheaper one is planned, another is a tap away. */
export function SharingCard({ work, onChoose }: { work: DriveWork; onChoose: (way: Sharing) => void }) {
  const { box, onLayout } = useChartBox(250);
  const { context, pump, settings } = work;
  const planned = settings.sharing ?? 'all-vary';
  const day = useMemo(() => sharingDay_kWh(context, pump, settings), [context, pump, settings]);
  const chart = useMemo(
    () =>
      powerChart(box, {
        end_m3h: context.duty.draw.greatest_m3h * 1.05,
        ways: SHARING.map((key) => ({
          key,
          at: (draw: number) => runsAtDraw(context, pump, settings, key, draw),
        })),
        day_m3h: drawDay_m3h(context.duty),
      }),
    [box, context, pump, settings],
  );
  const { price_kWh, currency } = context.duty;
  const offered = context.profile.behaviours.sharing;
  const said = SHARING.map(
    (way) => `${capital(SHARING_WORDS[way])}: ${day[way]?.toFixed(1) ?? '?'} kWh a day`,
  ).join('; ');
  return (
    <Card title="Units running, over demand" testID="sharing-card">
      <View onLayout={onLayout}>
        <PowerChartView chart={chart} planned={planned} text={`${said}.`} />
      </View>
      {SHARING.map((way) => {
        const kWh = day[way];
        return (
          <View key={way} style={styles.way} testID={`sharing-${way}`}>
            <View style={styles.head}>
              <View style={styles.grow}>
                <Words bold={way === planned}>{capital(SHARING_WORDS[way])}</Words>
              </View>
              <Words figures bold>
                {kWh === null ? 'not carried' : `${kWh.toFixed(1)} kWh`}
              </Words>
            </View>
            {kWh !== null && (
              <Words size="small" colour="quiet">
                a day; {(kWh * 365 * price_kWh).toFixed(0)} {currency} a year
              </Words>
            )}
            {way === planned ? (
              <Words size="small" bold colour="petrol">
                Planned
              </Words>
            ) : (
              offered.includes(way) && (
                <Button
                  kind="quiet"
                  label={`Plan: ${SHARING_WORDS[way]}`}
                  testID={`sharing-choose-${way}`}
                  onPress={() => onChoose(way)}
                />
              )
            )}
          </View>
        );
      })}
      <Words size="small" colour="quiet">
        Full line: planned. Strokes at the foot: the hours of the day. From curve and powers; not measured.
      </Words>
    </Card>
  );
}

const styles = StyleSheet.create({
  way: { gap: SPACE.xs },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1, minWidth: 0 },
});
