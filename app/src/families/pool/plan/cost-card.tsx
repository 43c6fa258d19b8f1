import { DAY_NAMES } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { SPACE, usePalette } from '../../../ui/theme';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import type { ColumnWeek, PoolWork } from './use-pool-plan';

/** Water and money of the week, as found against target; the saving is what one looks for. */
export function CostCard({ work }: { work: PoolWork }) {
  const { context, weeks } = work;
  const { found, target } = weeks;
  const { currency } = context.duty.tariff;
  if (!target) return null;
  const saving = found ? found.sums.costMonth - target.sums.costMonth : null;
  const most = Math.max(found?.sums.costMonth ?? 0, target.sums.costMonth, 1e-9);
  return (
    <Card title="Water and cost" testID="cost">
      {saving !== null && (
        <View>
          <Words figures bold size="hero" colour={saving >= 0 ? 'moss' : 'rust'} testID="saving">
            {Math.abs(saving).toFixed(2)}
            <Words size="large" colour="quiet">
              {' '}
              {currency}
            </Words>
          </Words>
          <Words>
            {saving >= 0
              ? 'saved each month, by this month’s prices'
              : 'more each month, by this month’s prices'}
          </Words>
        </View>
      )}
      {found && <Column name="found" column={found} most={most} currency={currency} />}
      <Column name="target" column={target} most={most} currency={currency} />
    </Card>
  );
}

function Column({
  name,
  column,
  most,
  currency,
}: {
  name: 'found' | 'target';
  column: ColumnWeek;
  most: number;
  currency: string;
}) {
  const reader = useReader();
  const palette = usePalette();
  const { sums, held } = column;
  const least = Math.min(...sums.daily_m3);
  const met = least >= sums.needed_m3 * (1 - 1e-6);
  const volume = (value: number) => figureWithUnit(fig('waterVolume', value), reader);
  const colour = name === 'found' ? palette.slate : palette.petrol;
  return (
    <View style={[styles.column, { borderColor: palette.line }]} testID={`cost-${name}`}>
      <View style={styles.head}>
        <TriadName column={name} />
        <Words figures bold size="title">
          {sums.costMonth.toFixed(2)}
          <Words size="small" colour="quiet">
            {' '}
            {currency} a month
          </Words>
        </Words>
      </View>
      <View style={[styles.bar, { borderColor: palette.line }]}>
        <View style={{ width: `${(sums.costMonth / most) * 100}%`, height: 14, backgroundColor: colour }} />
      </View>
      {held && (
        <Words bold colour="ochre">
          Nothing runs as set:{' '}
          {held === 'manual'
            ? 'it stands in manual'
            : held === 'hold'
              ? 'it stands on hold'
              : held === 'stopped'
                ? 'the pump is stopped until somebody resumes it'
                : `the ${held} commands it`}
          .
        </Words>
      )}
      <Words bold colour={met ? 'moss' : 'rust'}>
        {volume(least)} on {DAY_NAMES[sums.daily_m3.indexOf(least)]}, {volume(sums.needed_m3)} needed
      </Words>
      <Words size="small" colour="quiet">
        {sums.costYear.toFixed(0)} {currency} a year, {figureWithUnit(fig('energy', sums.energy_kWh), reader)}{' '}
        a week, {(sums.runHours / 7).toFixed(1)} h a day; {(sums.dearShare * 100).toFixed(0)} % of the cost at
        the peak price; longest pause {sums.longestPause_min} min.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  column: { borderTopWidth: 1, paddingTop: SPACE.s, gap: SPACE.xs },
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', flexWrap: 'wrap' },
  bar: { borderWidth: 1, borderRadius: 3, overflow: 'hidden' },
});
