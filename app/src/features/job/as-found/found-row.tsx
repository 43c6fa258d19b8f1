import { applies, expectedOf, type Parameter } from '@barythm/core/profile';
import { originOf } from '@barythm/core/job';
import type { SheetEntry } from '@barythm/core/sheet';
import { Pressable, StyleSheet, View } from 'react-native';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { TriadSign } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import { TakeBack, useJobScope } from '../../../kit/job';
import { EntryText, valueWords } from '../../../kit/value';

/** A setting of the sheet, and what was recorded of it. */
export interface FoundLine {
  readonly parameter: Parameter;
  readonly address: string;
  readonly found: SheetEntry | null;
}

interface FoundRowProps {
  readonly line: FoundLine;
  /** it was recorded just now: it can be taken back here */
  readonly justNow: boolean;
  readonly onOpen: () => void;
  readonly onTakenBack: () => void;
}

/** A setting in a row: what was recorded, or as what it is known before anybody reads it. */
export function FoundRow({ line, justNow, onOpen, onTakenBack }: FoundRowProps) {
  const { view } = useJobScope();
  const palette = usePalette();
  const { parameter, found } = line;
  return (
    <View style={[styles.line, { borderColor: palette.line }]}>
      <Pressable role="button" testID={`found-row-${parameter.key}`} onPress={onOpen} style={styles.row}>
        <View style={styles.name}>
          <TriadSign column="found" />
          <View style={styles.grow}>
            <Words>{parameter.label}</Words>
            {!applies(parameter, view.values.found) && (
              <Words size="small" colour="quiet">
                not used in this mode
              </Words>
            )}
            <ShowsOtherwise line={line} />
          </View>
        </View>
        <View style={styles.value}>
          <FoundValue line={line} />
        </View>
      </Pressable>
      {justNow && found && (
        <TakeBack
          id={found.id}
          of={parameter.label}
          testID={`take-back-${parameter.key}`}
          onDone={onTakenBack}
        />
      )}
    </View>
  );
}

/** A lamp or sign that does not show what it must with the settings that were read. */
function ShowsOtherwise({ line: { parameter, found } }: { line: FoundLine }) {
  const { values } = useJobScope().view;
  const expected = parameter.seen && found ? expectedOf(parameter, values.found) : null;
  if (!expected || !found || found.value === null || found.value === expected) return null;
  return (
    <Words size="small" bold colour="ochre" testID={`otherwise-${parameter.key}`}>
      with these settings: {valueWords(parameter, expected)}
    </Words>
  );
}

/** What was recorded, or by whose word a value is known before anybody reads it. */
function FoundValue({ line: { parameter, found } }: { line: FoundLine }) {
  const { lastLeft } = useJobScope().view.document;
  const known = lastLeft?.values[parameter.key];
  if (found || known === undefined) return <EntryText bold parameter={parameter} entry={found} />;
  return (
    <Words colour="quiet">
      {saysOf(lastLeft!, parameter)} {valueWords(parameter, known)}
    </Words>
  );
}

/** By whose word a value is known before anybody reads it. */
export const saysOf = (lastLeft: Parameters<typeof originOf>[0], { key }: Parameter) =>
  SAYS[originOf(lastLeft, key).source];

const SAYS = { reported: 'reported', left: 'left', unknown: 'known as' } as const;

const styles = StyleSheet.create({
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
