import type { BlockOf } from '@barythm/core/visit';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../../ui/card';
import { SPACE, usePalette } from '../../../../ui/theme';
import { Words } from '../../../../ui/words/words';

const TONE = { good: 'moss', bad: 'rust', quiet: 'quiet' } as const;

/** A table on a narrow screen: each row is a short list under its first and its last cell, which is what it comes to. */
export function TableCard({ block: { key, title, columns, rows, note } }: { block: BlockOf<'table'> }) {
  const palette = usePalette();
  const last = columns.length - 1;
  return (
    <Card title={title} testID={`block-${key}`}>
      {rows.map(({ cells, tone }, i) => (
        <View key={i} style={[styles.row, i > 0 && { borderTopWidth: 1, borderTopColor: palette.line }]}>
          <View style={styles.head}>
            <Words figures bold>
              {cells[0]}
            </Words>
            <Words bold colour={TONE[tone]} style={styles.verdict}>
              {cells[last]}
            </Words>
          </View>
          <View style={styles.cells}>
            {cells.slice(1, last).map((cell, k) => (
              <Words key={k} size="small" colour="quiet">
                {columns[k + 1].name}{' '}
                <Words size="small" figures>
                  {cell}
                </Words>
              </Words>
            ))}
          </View>
        </View>
      ))}
      {note !== null && (
        <Words size="small" colour="quiet">
          {note}
        </Words>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { paddingVertical: SPACE.s, gap: 2 },
  head: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m },
  verdict: { flexShrink: 1, textAlign: 'right' },
  cells: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.l, rowGap: 2 },
});
