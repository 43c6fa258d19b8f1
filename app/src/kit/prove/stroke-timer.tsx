import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/button';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** A stopwatch with a stroke button: start, tap each stroke, stop; strokes and time go into the reading. */
export function StrokeTimer({ onTake }: { onTake: (strokes: number, seconds: number) => void }) {
  const started = useRef<number | null>(null);
  const [running, setRunning] = useState(false);
  const [strokes, setStrokes] = useState(0);
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setSeconds((performance.now() - (started.current ?? 0)) / 1000), 200);
    return () => clearInterval(timer);
  }, [running]);
  const start = () => {
    started.current = performance.now();
    setStrokes(0);
    setSeconds(0);
    setRunning(true);
  };
  const stop = () => {
    setRunning(false);
    onTake(strokes, Math.max(0.1, (performance.now() - (started.current ?? 0)) / 1000));
  };
  if (!running) return <Button label="Stopwatch and tap counter" testID="timer-start" onPress={start} />;
  return (
    <View style={styles.row}>
      <Button
        grow
        kind="main"
        label={`Stroke (${strokes})`}
        testID="timer-tap"
        onPress={() => setStrokes(strokes + 1)}
      />
      <Words figures bold size="title" style={styles.time}>
        {seconds.toFixed(0)} s
      </Words>
      <Button label="Stop" testID="timer-stop" onPress={stop} />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  time: { minWidth: 64, textAlign: 'right' },
});
