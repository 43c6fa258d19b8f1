import { parameterAt } from '@barythm/core/profile';
import type { SheetRow } from '@barythm/core/sheet';
import { StyleSheet, View } from 'react-native';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { TakeBack, useJobScope } from '../../../kit/job';
import { entryWords } from '../../../kit/value';

/** What was read back just now: the next setting is in its place already, and a slip is still one tap away. */
export function JustEntered({ row }: { row: SheetRow }) {
  const { view } = useJobScope();
  const parameter = parameterAt(view.document.profile, row.address);
  if (!parameter || !row.left) return null;
  return (
    <View style={styles.row} testID="just-entered">
      <Words style={styles.grow} size="small" colour="quiet">
        {parameter.label}:{' '}
        <Words size="small" bold>
          {entryWords(parameter, row.left)}
        </Words>
        , read back
      </Words>
      <TakeBack id={row.left.id} of={parameter.label} testID="take-back-last" />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: SPACE.s },
  grow: { flex: 1, minWidth: 160 },
});
