import { addressOf, applies } from '@barythm/core/profile';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { TriadName, TriadSign } from '../../../ui/triad';
import { Words } from '../../../ui/words';
import { useJobScope } from '../job-context';
import { EntryText } from '../value-text';
import { entryWords } from '../value-words';
import { FoundEntry } from './found-entry';

/** The settings one by one, in the order of work: the next one open, those before as short rows. */
export function FoundSheet() {
  const { view } = useJobScope();
  const palette = usePalette();
  const [chosen, setChosen] = useState<string | null>(null);
  const { parameters, rows, values, document } = view;
  const recorded = rows.filter((row) => row.found).length;
  const next = parameters.find(
    (parameter) => !rows.find((row) => row.address === addressOf(parameter))?.found,
  );
  const open = chosen ?? (next ? addressOf(next) : null);
  return (
    <Card testID="found-sheet">
      <View style={styles.head}>
        <TriadName column="found" />
        <Words size="small" bold colour={recorded === parameters.length ? 'moss' : 'quiet'}>
          {recorded} of {parameters.length} settings recorded
        </Words>
      </View>
      {parameters.map((parameter) => {
        const address = addressOf(parameter);
        const row = rows.find((candidate) => candidate.address === address);
        if (address === open && !document.handover) {
          return (
            <FoundEntry
              key={address}
              parameter={parameter}
              found={row?.found ?? null}
              onDone={() => setChosen(null)}
            />
          );
        }
        return (
          <Pressable
            key={address}
            role="button"
            aria-label={`${parameter.label}: ${entryWords(parameter, row?.found ?? null)}`}
            testID={`found-row-${parameter.key}`}
            onPress={() => setChosen(address)}
            style={[styles.row, { borderColor: palette.line }]}
          >
            <View style={styles.name}>
              <TriadSign column="found" />
              <View style={styles.grow}>
                <Words>{parameter.label}</Words>
                {!applies(parameter, values.found) && (
                  <Words size="small" colour="quiet">
                    idle in this mode
                  </Words>
                )}
              </View>
            </View>
            <View style={styles.value}>
              <EntryText bold parameter={parameter} entry={row?.found ?? null} />
            </View>
          </Pressable>
        );
      })}
    </Card>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center', flexWrap: 'wrap' },
  row: {
    minHeight: TOUCH,
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: SPACE.s,
    borderTopWidth: 1,
    paddingTop: SPACE.s,
  },
  name: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, flex: 1 },
  grow: { flex: 1 },
  value: { flexShrink: 1, alignItems: 'flex-end' },
});
