import { parameterAt } from '@barythm/core/profile';
import type { SheetRow } from '@barythm/core/sheet';
import { StyleSheet, View } from 'react-native';
import { SPACE, textSize } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { counted } from '@barythm/core/words';
import { TakeBack, useJobScope } from '../../../kit/job';
import { rowNames } from '../../../kit/set';
import { entryWords } from '../../../kit/value';

/** What was read back just now: the next setting is in its place already, and a slip is still one tap away. */
export function JustEntered({ rows }: { rows: readonly SheetRow[] }) {
  const { view } = useJobScope();
  const parameters = rows.flatMap(({ address }) => parameterAt(view.document.profile, address) ?? []);
  const [first] = parameters;
  if (!first) return null;
  const ids = rows.flatMap(({ left }) => left?.id ?? []);
  if (rows.length > 1) {
    const { title } = rowNames(view.document.profile, parameters);
    const said = counted(rows.length, 'setting');
    return (
      <View style={styles.row} testID="just-entered">
        <Words style={styles.grow} size="small" colour="quiet">
          {title}: {said} read back
        </Words>
        <TakeBack id={ids} of={`${title}, ${said}`} testID="take-back-last" />
      </View>
    );
  }
  return (
    <View style={styles.row} testID="just-entered">
      <Words style={styles.grow} size="small" colour="quiet">
        {first.label}:{' '}
        <Words size="small" bold>
          {entryWords(first, rows[0].left)}
        </Words>
        , read back
      </Words>
      <TakeBack id={ids} of={first.label} testID="take-back-last" />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: SPACE.s },
  grow: { flex: 1, minWidth: textSize(160) },
});
