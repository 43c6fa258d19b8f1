import { rowsAt, textAt, under, withText, type Texts } from '@barythm/core/describe';
import { StyleSheet, View } from 'react-native';
import { useForm } from '../../form/scope';
import { Button } from '../../ui/button';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words/words';

/** Keys that this controller is known to have: each adds a press of itself to the way in one tap. */
export function KnownKeys({ path }: { path: string }) {
  const { texts, change, name } = useForm();
  const route = under(path, 'route');
  const keys = keysOf(texts);
  if (keys.length === 0) return null;
  const add = (key: string) =>
    change(
      withText(texts, route, [
        ...rowsAt(texts, route),
        { key, press: 'short', times: '1', place: 'no', shows: '' },
      ]),
    );
  return (
    <View style={styles.keys} testID={`${name}-${route}-known`}>
      <Words size="small" colour="quiet">
        Add a press of
      </Words>
      {keys.map((key) => (
        <Button
          key={key}
          kind="quiet"
          label={key}
          testID={`${name}-${route}-press-${key}`}
          onPress={() => add(key)}
        />
      ))}
    </View>
  );
}

/** Every key that some parameter is reached by. */
function keysOf(texts: Texts): readonly string[] {
  const keys = rowsAt(texts, 'parameters').flatMap((row) =>
    rowsAt(row, 'route').map((step) => String(textAt(step, 'key') ?? '').trim()),
  );
  return [...new Set(keys)].filter((key) => key !== '');
}

const styles = StyleSheet.create({
  keys: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.s },
});
