import { stopwatch } from '@barythm/core/time';
import { useRouter } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { OF_CHECK, tellOver, useEndTimer, useRunningTimers, type RunningTimer } from '../../kit/timer';
import { Button } from '../../ui/button';
import { SPACE, TOUCH, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** Waits that go on, whatever screen is looked at: how long each still lasts, or how late it is. A tap leads back to its work. */
export function TimersBar() {
  const running = useRunningTimers(tellOver);
  if (running.length === 0) return null;
  return (
    <View testID="timers">
      {running.map((timer) => (
        <Line key={timer.key} timer={timer} />
      ))}
    </View>
  );
}

/** What a reminder of one's own is kept under, before its name. */
export const OWN = 'own:';

function Line({ timer: { key, words, left_s, late_s } }: { timer: RunningTimer }) {
  const palette = usePalette();
  const router = useRouter();
  const end = useEndTimer(key);
  const own = key.startsWith(OWN);
  const over = left_s === 0;
  const said = over ? `over since ${stopwatch(late_s)}` : `${stopwatch(left_s)} left`;
  return (
    <View
      style={[
        styles.line,
        { backgroundColor: palette.surface, borderColor: over ? palette.ember : palette.line },
      ]}
    >
      <Pressable
        role="button"
        disabled={own}
        style={styles.words}
        testID={`timer-${key}`}
        onPress={() => router.navigate(whereOf(key))}
      >
        <Words style={styles.grow}>{words}</Words>
        <Words figures bold colour={over ? 'ember' : 'ink'} role={over ? 'alert' : undefined}>
          {said}
        </Words>
      </Pressable>
      {own && (
        <Button
          kind="quiet"
          label="Done"
          name={`Done: ${words}`}
          testID={`timer-done-${key}`}
          onPress={end}
        />
      )}
    </View>
  );
}

/** The stage where a wait was begun: a check is tried under Prove, other work is recorded on arrival. */
function whereOf(key: string): `/job/${string}` {
  const [jobId, ...of] = key.split(':');
  return `/job/${jobId}/${of.join(':').startsWith(OF_CHECK) ? 'prove' : 'as-found'}`;
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', borderTopWidth: 2, paddingHorizontal: SPACE.m },
  words: { flex: 1, minHeight: TOUCH, flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1 },
});
