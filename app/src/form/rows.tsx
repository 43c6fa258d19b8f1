import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../ui/button';
import { SPACE, usePalette } from '../ui/theme';
import { Words } from '../ui/words/words';
import { rowsAt, type RowsField, withText } from '@barythm/core/describe';
import { useForm } from './scope';

/** A list of alike things, each with its own fields; one can be added and taken away. */
export function Rows({
  field: { add, blank, min, fresh },
  path,
  children,
}: {
  field: RowsField;
  path: string;
  children: (path: string) => ReactNode;
}) {
  const { texts, errors, change, name } = useForm();
  const palette = usePalette();
  const rows = rowsAt(texts, path);
  const without = (i: number) =>
    withText(
      texts,
      path,
      rows.filter((_, k) => k !== i),
    );
  return (
    <View style={styles.rows}>
      {rows.map((_, i) => (
        <View key={i} style={[styles.one, { borderColor: palette.line }]} testID={`${name}-${path}.${i}`}>
          {children(`${path}.${i}`)}
          {rows.length > min && (
            <Button
              kind="quiet"
              label="Remove"
              testID={`${name}-${path}.${i}-remove`}
              onPress={() => change(without(i))}
            />
          )}
        </View>
      ))}
      {errors[path] && (
        <Words bold colour="rust" role="alert">
          {errors[path]}
        </Words>
      )}
      <Button
        label={add}
        testID={`${name}-${path}-add`}
        onPress={() =>
          change(withText(texts, path, [...rows, fresh ? { ...(blank as object), ...fresh(rows) } : blank]))
        }
      />
    </View>
  );
}

const styles = StyleSheet.create({
  rows: { gap: SPACE.m },
  one: { borderTopWidth: 1, paddingTop: SPACE.m, gap: SPACE.m },
});
