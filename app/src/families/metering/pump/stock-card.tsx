import { stockOf, understand, type MeteringContext } from '@barythm/core/families/metering';
import type { SettingValues } from '@barythm/core/profile';
import { addDays, dateInWords } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

/** How long tank and wet end last on the real day; nothing where neither is known. */
export function StockCard({
  context,
  values,
  agreedOn,
}: {
  context: MeteringContext;
  values: SettingValues;
  agreedOn: string;
}) {
  const reader = useReader();
  const stock = stockOf(context, understand(context.profile, context.plate, values));
  const { tank, service } = context.duty;
  if (!stock || (!tank && !service)) return null;
  // a date, not days: they run from when it was written down, not from today
  const days = (value: number | null) => {
    if (value === null) return 'nothing is used';
    const date = addDays(agreedOn, Math.floor(value));
    return date < context.today ? `since ${dateInWords(date)}` : dateInWords(date);
  };
  return (
    <Card title="Tank and service" testID="stock">
      {tank && (
        <>
          <Line
            words={`${figureWithUnit(fig('volume', tank.now_L), reader)} on ${dateInWords(agreedOn)}; warn level`}
            figure={days(stock.warn_days)}
          />
          <Line words="Stop level" figure={days(stock.stop_days)} />
        </>
      )}
      {service && <Line words={`${service.what}, by its strokes`} figure={days(stock.service_days)} />}
      <Words size="small" colour="quiet">
        At {figureWithUnit(fig('volume', stock.daily_L), reader)} and {Math.round(stock.strokesADay)} strokes
        a day.
      </Words>
    </Card>
  );
}

function Line({ words, figure }: { words: string; figure: string }) {
  return (
    <View style={styles.line}>
      <Words style={styles.grow}>{words}</Words>
      <Words figures bold size="large">
        {figure}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'baseline', gap: SPACE.m },
  grow: { flex: 1 },
});
