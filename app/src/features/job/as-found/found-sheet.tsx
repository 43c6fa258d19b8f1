import { addressOf, applies, type Parameter } from '@barythm/core/profile';
import { dateInWords } from '@barythm/core/time';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { screensOf } from '../../../families/registry';
import { newId } from '../../../api/device';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { TriadName, TriadSign } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import { useJobScope } from '../../../kit/job';
import { EntryText, entryWords } from '../../../kit/value';
import { FoundEntry } from './found-entry';

/** The settings one by one, in the order of work: the next one open, those before as short rows. */
export function FoundSheet() {
  const { view } = useJobScope();
  const palette = usePalette();
  const [chosen, setChosen] = useState<string | null>(null);
  const { rows, values, document } = view;
  const apart = screensOf(view.family).found?.apart?.(view.profile);
  const parameters = view.parameters.filter(({ group }) => group !== apart);
  const isFound = (parameter: Parameter) =>
    Boolean(rows.find((row) => row.address === addressOf(parameter))?.found);
  const recorded = parameters.filter(isFound).length;
  const next = parameters.find((parameter) => !isFound(parameter));
  const many = parameters.length > LONG_SHEET && recorded < parameters.length && !document.handover;
  const open = chosen ?? (next ? addressOf(next) : null);
  return (
    <Card testID="found-sheet">
      <View style={styles.head}>
        <TriadName column="found" />
        <Words size="small" bold colour={recorded === parameters.length ? 'moss' : 'quiet'}>
          {recorded} of {parameters.length} settings recorded
        </Words>
      </View>
      {many && <AllAsLeft parameters={parameters.filter((parameter) => !isFound(parameter))} />}
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
                    not used in this mode
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

/** A sheet longer than this can be taken as last left in one go; each can still be read by itself. */
const LONG_SHEET = 12;

/** All that is not recorded yet as it was last left or reported: for a display that was read through and shows nothing else. */
function AllAsLeft({ parameters }: { parameters: readonly Parameter[] }) {
  const { view, jobId, write } = useJobScope();
  const { lastLeft } = view.document;
  const known = parameters.flatMap((parameter) => {
    const value = lastLeft?.values[parameter.key];
    return value === undefined ? [] : [{ parameter, value }];
  });
  if (!lastLeft || known.length === 0) return null;
  return (
    <Button
      label={`All others as ${lastLeft.source === 'reported' ? 'reported' : 'left'} ${dateInWords(lastLeft.date)}: I read them through`}
      testID="sheet-as-left"
      onPress={() =>
        write({
          kind: 'sheet.enter-many',
          jobId,
          column: 'found',
          entries: known.map(({ parameter, value }) => ({
            entryId: newId(),
            address: addressOf(parameter),
            raw: String(value),
            unit: parameter.unit ?? '',
            value,
            reason: null,
          })),
        })
      }
    />
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
