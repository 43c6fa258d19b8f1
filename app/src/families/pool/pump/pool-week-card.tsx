import {
  heldBy,
  poolStrip,
  trueWeek,
  understand,
  weekKnown,
  weekSums,
  type PoolContext,
} from '@barythm/core/families/pool';
import { orElse } from '@barythm/core/input';
import { DAY_NAMES, weekday } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { BeatStripView } from '../../../charts/beat-strip-view';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

/** A pool pump's week as it truly runs, each day a strip, with what it moves and costs. */
export function PoolWeekCard({ context, nowShare }: { context: PoolContext; nowShare: number }) {
  const reader = useReader();
  const week = useMemo(() => weekOf(context), [context]);
  if (!week) return null;
  const today = weekday(context.today) - 1;
  const { sums } = week;
  return (
    <Card title="Week" testID="pool-week">
      {week.held && (
        <Words bold colour="ochre">
          {week.held}
        </Words>
      )}
      {week.strips.map(
        (strip, day) =>
          strip && (
            <View key={DAY_NAMES[day]} style={styles.day}>
              <Words size="small" bold={day === today} style={styles.name}>
                {DAY_NAMES[day]}
              </Words>
              <View style={styles.strip}>
                <BeatStripView
                  {...strip}
                  greatest={Math.max(1, week.greatest_rpm)}
                  now={day === today ? nowShare : null}
                  height={20}
                />
              </View>
            </View>
          ),
      )}
      <Words size="small" colour="quiet">
        Full height = week’s maximum: {figureWithUnit(fig('speed', week.greatest_rpm), reader)}.
      </Words>
      <Words>
        {figureWithUnit(fig('waterVolume', Math.min(...sums.daily_m3)), reader)} moved on its weakest day,{' '}
        {figureWithUnit(fig('waterVolume', sums.needed_m3), reader)} needed; {sums.costMonth.toFixed(2)}{' '}
        {context.duty.tariff.currency} a month.
      </Words>
    </Card>
  );
}

const HELD = {
  manual: 'It stands in manual: no program runs.',
  hold: 'It stands on hold: no program runs.',
  stopped: 'Stopped until somebody resumes it: no program runs.',
  relay: 'Relays command it: its own programs do not run.',
  link: 'The link commands it: its own programs do not run.',
} as const;

function weekOf(context: PoolContext) {
  const settings = understand(context.profile, context.plate, context.inForce);
  if (!weekKnown(settings)) return null;
  const held = heldBy(context, settings);
  return orElse(() => {
    const strips = DAY_NAMES.map((_, day) => poolStrip(context, day));
    return {
      held: held && HELD[held],
      sums: weekSums(context, trueWeek(context, settings)),
      strips,
      greatest_rpm: Math.max(0, ...strips.flatMap((strip) => strip?.rates ?? [])),
    };
  }, null);
}

const styles = StyleSheet.create({
  day: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  name: { width: 36 },
  strip: { flex: 1 },
});
