import { stopwatch } from '@barythm/core/time';
import { fig, figureWithUnit } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Button, ButtonRow } from '../../ui/button';
import { useReader } from '../../ui/reader';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { useKeptTimer } from './use-kept-timer';

const SECONDS_PER_MINUTE = 60;

/** A shorter time is said in seconds. */
const SHORT_s = 120;

/** What is waited for, or must not be passed. */
interface Timed {
  /** as a button names it */
  readonly words: string;
  readonly lasts_s: number;
  /** what to keep to meanwhile */
  readonly meanwhile?: string;
  /** what passing it damages */
  readonly harm?: string;
}

/** Minutes of a time, rounded down to a tenth: no longer is claimed than it was. */
export const minutesOf = (seconds: number): number => Math.floor((seconds / SECONDS_PER_MINUTE) * 10) / 10;

/** A wait beside the work that it belongs to: begun by a tap, counted on whatever is looked at meanwhile, and taken into its field. */
export function WaitTimer({
  wait,
  keptAt,
  testID,
  onTake,
}: {
  wait: Timed;
  /** where it is kept on the device */
  keptAt: string;
  testID: string;
  /** takes the time where it has a place; it is only stopped where left out */
  onTake?: (seconds: number) => void;
}) {
  const reader = useReader();
  const { timer, left_s, late_s, begin, end } = useKeptTimer(keptAt);
  const lasts = figureWithUnit(
    wait.lasts_s < SHORT_s ? fig('seconds', wait.lasts_s) : fig('minutes', wait.lasts_s / SECONDS_PER_MINUTE),
    reader,
  );
  if (!timer)
    return (
      <>
        {wait.harm && <Limit lasts={lasts} harm={wait.harm} />}
        <Button
          label={`${wait.words}, ${lasts}`}
          testID={`${testID}-begin`}
          onPress={() => begin(wait.lasts_s, wait.words)}
        />
      </>
    );
  const over = left_s === 0;
  const past = over && wait.harm !== undefined;
  return (
    <View style={styles.wait}>
      <View style={styles.row}>
        <Words
          figures
          bold
          size="large"
          colour={past ? 'rust' : over ? 'moss' : 'ember'}
          testID={`${testID}-left`}
        >
          {over ? `+${stopwatch(late_s)}` : stopwatch(left_s)}
        </Words>
        <View style={styles.grow}>
          <Words size="small" colour="quiet" role="status">
            {past ? `${lasts} are over: stop it now.` : over ? `${lasts} are over.` : `left of ${lasts}`}
          </Words>
        </View>
      </View>
      {wait.harm && !over && <Limit lasts={lasts} harm={wait.harm} />}
      {wait.meanwhile && !over && (
        <Words bold colour="ochre">
          {wait.meanwhile}
        </Words>
      )}
      <ButtonRow>
        <Button
          grow
          kind={over ? 'main' : 'plain'}
          label={onTake ? 'Stop, and take the time' : 'Stop the timer'}
          testID={`${testID}-take`}
          onPress={() => {
            const seconds = end();
            onTake?.(seconds);
          }}
        />
        {onTake && <Button label="Cancel" testID={`${testID}-cancel`} onPress={() => void end()} />}
      </ButtonRow>
    </View>
  );
}

/** A limit whose passing does harm: said before it is begun, and as long as it runs. */
function Limit({ lasts, harm }: { lasts: string; harm: string }) {
  return (
    <Words bold colour="rust">
      No longer than {lasts}. {harm} Stay at the pump, hand on its stop.
    </Words>
  );
}

const styles = StyleSheet.create({
  wait: { gap: SPACE.s },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1, minWidth: 0 },
});
