import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { SPACE, usePalette, type Colour } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import type { ShownRun } from '../../workers/bench-messages';
import { clockOf } from '../../kit/bench';

const SHOWN = 30;

/** What happened in each run, with its time. */
export function HappeningsCard({ runs, colours }: { runs: readonly ShownRun[]; colours: readonly Colour[] }) {
  const palette = usePalette();
  return (
    <Card title="What happened" testID="bench-happenings">
      {runs.map((run, i) => (
        <View key={i} style={styles.run} testID={`happenings-${i}`}>
          <Words bold colour={colours[i]}>
            {run.name}
          </Words>
          {run.happenings.length === 0 && <Words colour="quiet">Nothing out of the ordinary.</Words>}
          {run.happenings.slice(0, SHOWN).map((happening, k) => (
            <View key={k} style={[styles.row, { borderColor: palette.line }]}>
              <Words figures size="small" style={styles.time}>
                {clockOf(happening.at_s, run.seconds > 86_400)}
              </Words>
              <Words size="small" style={styles.words}>
                {happening.words}
              </Words>
            </View>
          ))}
          {run.happenings.length > SHOWN && (
            <Words size="small" colour="quiet">
              And {run.happenings.length - SHOWN} more.
            </Words>
          )}
        </View>
      ))}
    </Card>
  );
}

const styles = StyleSheet.create({
  run: { gap: SPACE.xs },
  row: { flexDirection: 'row', gap: SPACE.m, borderTopWidth: 1, paddingTop: 2 },
  time: { minWidth: 52 },
  words: { flex: 1 },
});
