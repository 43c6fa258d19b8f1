import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/button';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

/** How long a loop is purged: started and stopped by a thumb; says when its water has gone through often enough. */
export function PurgeTimer({
  least_s,
  onTake,
}: {
  /** null where nobody knows what the loop holds */
  least_s: number | null;
  onTake: (seconds: number) => void;
}) {
  const started = useRef(0);
  const [running, setRunning] = useState(false);
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setSeconds((performance.now() - started.current) / 1000), 500);
    return () => clearInterval(timer);
  }, [running]);
  if (!running)
    return (
      <Button
        label="Start the timer for this loop"
        testID="purge-start"
        onPress={() => {
          started.current = performance.now();
          setSeconds(0);
          setRunning(true);
        }}
      />
    );
  const enough = least_s !== null && seconds >= least_s;
  return (
    <View style={styles.row}>
      <Words figures bold size="large" colour={enough ? 'moss' : 'ember'}>
        {`${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`}
      </Words>
      <View style={styles.grow}>
        <Words size="small" colour="quiet">
          {least_s === null
            ? 'until nothing is heard'
            : enough
              ? 'three times through'
              : 'not yet three times through'}
        </Words>
      </View>
      <Button
        kind="main"
        label="Loop done"
        testID="purge-stop"
        onPress={() => {
          setRunning(false);
          onTake((performance.now() - started.current) / 1000);
        }}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1, minWidth: 0 },
});
