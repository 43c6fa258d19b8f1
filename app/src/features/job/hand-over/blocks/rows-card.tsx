import type { BlockOf } from '@barythm/core/visit';
import { View } from 'react-native';
import { Card } from '../../../../ui/card';
import { Words } from '../../../../ui/words/words';

/** Sentences one below the other, each with what is said quietly of it. */
export function RowsCard({ block: { key, title, rows } }: { block: BlockOf<'rows'> }) {
  return (
    <Card title={title ?? undefined} testID={`block-${key}`}>
      {rows.map(({ words, note, bad }, i) => (
        <View key={i}>
          <Words colour={bad ? 'rust' : 'ink'}>{words}</Words>
          {note !== null && (
            <Words size="small" colour="quiet">
              {note}
            </Words>
          )}
        </View>
      ))}
    </Card>
  );
}
