import type { HandoverWeeks } from '@barythm/core/visit';
import { DAY_NAMES } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { SPACE } from '../../../ui/theme';
import { COLUMN_COLOUR, TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';

/** The week as it was and as it is: water moved and money, and each day's rhythm. */
export function WeekBeforeAfter({ pool }: { pool: HandoverWeeks }) {
  const reader = useReader();
  const { weeks, currency, needed_m3, fullSpeed_rpm } = pool;
  if (weeks.length === 0) return null;
  const [found, left] = [
    weeks.find(({ column }) => column === 'found'),
    weeks.find(({ column }) => column === 'left'),
  ];
  const saving = found && left ? found.costMonth - left.costMonth : null;
  const water = (value: number) => figureWithUnit(fig('waterVolume', value), reader);
  return (
    <Card title="The week, before and after" testID="week-before-after">
      {saving !== null && (
        <Words figures bold size="figure" colour={saving >= 0 ? 'moss' : 'ochre'} testID="handover-saving">
          {Math.abs(saving).toFixed(2)}
          <Words size="large" colour="quiet">
            {' '}
            {currency} {saving >= 0 ? 'less' : 'more'} a month
          </Words>
        </Words>
      )}
      {weeks.map((week) => {
        const least = Math.min(...week.daily_m3);
        const met = least >= needed_m3 * (1 - 1e-6) && week.held === null;
        return (
          <View key={week.column} style={styles.side} testID={`week-${week.column}`}>
            <TriadName column={week.column} />
            {week.days_rpm.map((rates, day) => (
              <View key={DAY_NAMES[day]} style={styles.day}>
                <Words size="small" style={styles.name}>
                  {DAY_NAMES[day]}
                </Words>
                <View style={styles.strip}>
                  <BeatStripView
                    rates={rates}
                    greatest={fullSpeed_rpm}
                    unit="rev/min"
                    now={null}
                    height={16}
                    colour={COLUMN_COLOUR[week.column]}
                  />
                </View>
              </View>
            ))}
            <Words bold colour={met ? 'moss' : 'rust'}>
              {week.held
                ? `It ${week.held}.`
                : `${water(least)} on its weakest day, ${water(needed_m3)} needed`}
            </Words>
            <Words size="small">
              {week.costMonth.toFixed(2)} {currency} a month, {week.costYear.toFixed(0)} a year; longest pause{' '}
              {week.longestPause_min} min
            </Words>
          </View>
        );
      })}
      <Words size="small" colour="quiet">
        From 0:00 to 24:00 each day, worked out from settings, points and prices; not measured.
      </Words>
    </Card>
  );
}

const styles = StyleSheet.create({
  side: { gap: 2 },
  day: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  name: { width: 34 },
  strip: { flex: 1 },
});
