import type { ReactNode } from 'react';
import { StyleSheet, Text } from 'react-native';

/** Words for those who hear the page: what everybody else sees by a sign or a colour. */
export function Unseen({ children }: { children: ReactNode }) {
  return <Text style={styles.unseen}>{children}</Text>;
}

const styles = StyleSheet.create({
  unseen: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 },
});
