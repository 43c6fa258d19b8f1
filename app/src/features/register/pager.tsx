import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words/words';

/** Leafs through a list that is longer than a page. */
export function Pager(props: {
  page: number;
  size: number;
  total: number;
  what: string;
  onPage: (page: number) => void;
}) {
  const { page, size, total, what, onPage } = props;
  const last = Math.max(1, Math.ceil(total / size));
  if (last === 1) return null;
  return (
    <View style={styles.pager}>
      <Button again label="Back" disabled={page <= 1} onPress={() => onPage(page - 1)} />
      <Words size="small">
        Page {page} of {last}, {total} {what}
      </Words>
      <Button again label="On" disabled={page >= last} onPress={() => onPage(page + 1)} />
    </View>
  );
}

const styles = StyleSheet.create({
  pager: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
});
