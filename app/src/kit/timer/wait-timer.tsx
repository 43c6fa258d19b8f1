import type { Wait } from '@barythm/core/families';
import { stopwatch } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Button, ButtonRow } from '../../ui/button';
import { useReader } from '../../ui/reader';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { useKeptTimer } from './use-kept-timer';

const SECONDS_PER_MINUTE = 60;

/** A wait beside the work that it belongs to: begun by a tap, counted on whatever is looked at meanwhile, and taken into its field. */
export function WaitTimer({
  wait,
  keptAt,
  testID,
  onTake,
}: {
  wait: Wait;
  /** where it is kept on the device */
  keptAt: string;
  testID: string;
  onTake: (minutes: number) => void;
}) {
  const reader = useReader();
  const { timer, left_s, late_s, begin, end } = useKeptTimer(keptAt);
  const lasts = figureWithUnit(fig('minutes', wait.lasts_s / SECONDS_PER_MINUTE), reader);
  if (!timer)
    return (
      <Button
        label={`${wait.words}, ${lasts}`}
        testID={`${testID}-begin`}
        onPress={() => begin(wait.lasts_s, wait.words)}
      />
    );
  const over = left_s === 0;
  return (
    <View style={styles.wait}>
      <View style={styles.row}>
        <Words figures bold size="large" colour={over ? 'moss' : 'ember'} testID={`${testID}-left`}>
          {over ? `+${stopwatch(late_s)}` : stopwatch(left_s)}
        </Words>
        <View style={styles.grow}>
          <Words size="small" colour="quiet" role="status">
            {over ? `${lasts} are over.` : `left of ${lasts}`}
          </Words>
        </View>
      </View>
      {wait.meanwhile && !over && (
        <Words bold colour="ochre">
          {wait.meanwhile}
        </Words>
      )}
      <ButtonRow>
        <Button
          grow
          kind={over ? 'main' : 'plain'}
          label="Stop, and take the time"
          testID={`${testID}-take`}
          // rounded down: no longer is claimed than it was
          onPress={() => onTake(Math.floor((end() / SECONDS_PER_MINUTE) * 10) / 10)}
        />
        <Button label="Cancel" testID={`${testID}-cancel`} onPress={() => void end()} />
      </ButtonRow>
    </View>
  );
}

const styles = StyleSheet.create({
  wait: { gap: SPACE.s },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1, minWidth: 0 },
});
