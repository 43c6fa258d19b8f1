import { ActivityIndicator, StyleSheet, View } from 'react-native';
import { Button } from '../button';
import { SPACE, usePalette } from '../theme';
import { Words } from '../words/words';

/** While something is fetched. */
export function Loading({ what }: { what: string }) {
  const palette = usePalette();
  return (
    <View style={styles.state} role="status">
      <ActivityIndicator color={palette.petrol} />
      <Words colour="quiet">Fetching {what} …</Words>
    </View>
  );
}

/** Nothing there, and what to do next. */
export function Empty({ title, todo }: { title: string; todo: string }) {
  return (
    <View style={styles.state}>
      <Words bold size="large">
        {title}
      </Words>
      <Words colour="quiet" style={styles.centre}>
        {todo}
      </Words>
    </View>
  );
}

/** It could not be fetched, why, and what to do. */
export function Failed({ error, onRetry }: { error: Error; onRetry: () => void }) {
  return (
    <View style={styles.state} role="alert">
      <Words bold size="large" colour="rust">
        {error.name === 'UnreachableError' ? 'No connection' : 'This could not be fetched'}
      </Words>
      <Words style={styles.centre}>{error.message}</Words>
      <Button label="Try again" onPress={onRetry} />
    </View>
  );
}

const styles = StyleSheet.create({
  state: { padding: SPACE.xl, gap: SPACE.m, alignItems: 'center' },
  centre: { textAlign: 'center' },
});
