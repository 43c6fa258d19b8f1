import { addressOf, applies, type Parameter, type SettingValues } from '@barythm/core/profile';
import { originOf } from '@barythm/core/job';
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
import { TakeBack, useJobScope } from '../../../kit/job';
import { EntryText, valueWords } from '../../../kit/value';
import { FoundEntry } from './found-entry';

/** The settings one by one, in the order of work: the next one open, those before as short rows. */
export function FoundSheet() {
  const { view } = useJobScope();
  const palette = usePalette();
  const [chosen, setChosen] = useState<string | null>(null);
  // the one that was recorded just now: a slip is taken back where it was made
  const [last, setLast] = useState<string | null>(null);
  const { rows, values, document } = view;
  const apart = screensOf(view.family).found?.apart?.(view.profile);
  const parameters = view.parameters.filter(({ group }) => group !== apart);
  const isFound = (parameter: Parameter) =>
    Boolean(rows.find((row) => row.address === addressOf(parameter))?.found);
  const recorded = parameters.filter(isFound).length;
  const next = nextToRead(parameters, last, isFound, values.found);
  const many = parameters.length > LONG_SHEET && recorded < parameters.length && !document.handover;
  const open = chosen ?? (next ? addressOf(next) : null);
  const known = ({ key }: Parameter) => document.lastLeft?.values[key];
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
              follows={last !== null && chosen === null}
              onDone={() => {
                setChosen(null);
                setLast(address);
              }}
            />
          );
        }
        const justNow = address === last && row?.found;
        return (
          <View key={address} style={[styles.line, { borderColor: palette.line }]}>
            <Pressable
              role="button"
              testID={`found-row-${parameter.key}`}
              onPress={() => setChosen(address)}
              style={styles.row}
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
                {row?.found || known(parameter) === undefined ? (
                  <EntryText bold parameter={parameter} entry={row?.found ?? null} />
                ) : (
                  <Words colour="quiet">
                    {SAYS[originOf(document.lastLeft!, parameter.key).source]}{' '}
                    {valueWords(parameter, known(parameter)!)}
                  </Words>
                )}
              </View>
            </Pressable>
            {justNow && (
              <TakeBack
                id={justNow.id}
                of={parameter.label}
                testID={`take-back-${parameter.key}`}
                onDone={() => setChosen(address)}
              />
            )}
          </View>
        );
      })}
    </Card>
  );
}

/**
 * What is read next: the one after the last that was recorded, or from the top where none is left below it. What is not used in this mode
 * waits until all else is read.
 */
function nextToRead(
  parameters: readonly Parameter[],
  last: string | null,
  isFound: (parameter: Parameter) => boolean,
  values: SettingValues,
): Parameter | undefined {
  const at = parameters.findIndex((parameter) => addressOf(parameter) === last) + 1;
  const open = [...parameters.slice(at), ...parameters.slice(0, at)].filter((one) => !isFound(one));
  return open.find((parameter) => applies(parameter, values)) ?? open[0];
}

/** By whose word a value is known before anybody reads it. */
const SAYS = { reported: 'reported', left: 'left', unknown: 'known as' } as const;

/** A sheet longer than this can be taken as last left in one go; each can still be read by itself. */
const LONG_SHEET = 3;

/** All that is not recorded yet as it was last left or reported, each in sight beside its name. It is confirmed by that, and never read. */
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
      label={`Confirm ${known.length === 1 ? 'the other one' : `the other ${known.length}`} as ${lastLeft.source === 'reported' ? 'reported' : 'left'} ${dateInWords(lastLeft.date)}`}
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
            confirmed: true,
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
    flex: 1,
  },
  line: { flexDirection: 'row', alignItems: 'center', borderTopWidth: 1 },
  name: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s, flex: 1 },
  grow: { flex: 1 },
  value: { flexShrink: 1, alignItems: 'flex-end' },
});
