import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/button';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

/**
 * Counts strokes by tapping along: the first tap starts the time, each later one is one stroke, and the rate is
 * strokes over the time between the first tap and the last.
 */
export function TapCounter({
  onRate,
  now: clock = () => performance.now(),
}: {
  onRate: (rate_spm: number) => void;
  /** milliseconds that only go forward */
  now?: () => number;
}) {
  const first = useRef<number | null>(null);
  const [taps, setTaps] = useState(0);
  const [rate, setRate] = useState<number | null>(null);
  const tap = () => {
    const now = clock();
    if (first.current === null) first.current = now;
    else {
      const minutes = (now - first.current) / 60_000;
      if (minutes > 0) setRate(taps / minutes);
    }
    setTaps(taps + 1);
  };
  const again = () => {
    first.current = null;
    setTaps(0);
    setRate(null);
  };
  return (
    <View style={styles.row}>
      <Button
        again
        grow
        label={taps === 0 ? 'Tap at each stroke' : `Tap (${taps})`}
        testID="tap"
        onPress={tap}
      />
      {rate !== null && (
        <Button
          grow
          kind="main"
          label={`Take ${rate.toFixed(1)} strokes/min`}
          testID="tap-take"
          onPress={() => {
            onRate(rate);
            again();
          }}
        />
      )}
      {taps > 0 && rate === null && <Words size="small">Tap on …</Words>}
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: SPACE.s, alignItems: 'center' } });
