import { chosenWords } from '@barythm/core/job';
import { parameterAt, type Parameter } from '@barythm/core/profile';
import { stateOf, type RowState, type SheetRow } from '@barythm/core/sheet';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button, ButtonRow } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { SPACE, TOUCH, usePalette, type Colour } from '../../../ui/theme';
import { TriadName, TriadSign } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import { TakeBack, useJobScope } from '../../../kit/job';
import { useChangeTarget } from '../../../kit/target';
import { EntryText } from '../../../kit/value';

const STATE: Record<RowState, { words: string; colour: Colour }> = {
  keep: { words: 'as it was', colour: 'quiet' },
  'to-do': { words: 'to enter', colour: 'ember' },
  done: { words: 'entered and read back', colour: 'moss' },
  differs: { words: 'differs from the target', colour: 'rust' },
  'not-recorded': { words: 'not recorded as found', colour: 'rust' },
};

/** The sheet in its three columns, and what is still open. */
export function SetSummary({
  onAgain,
  entering,
}: {
  readonly onAgain: ((address: string) => void) | null;
  /** the setting whose card stands open */
  readonly entering: string | null;
}) {
  const { view } = useJobScope();
  const rows = view.rows.filter((row) => row.target || row.left || row.chosen);
  if (rows.length === 0) return null;
  return (
    <Card title="Settings sheet" testID="sheet">
      <View style={styles.names}>
        <TriadName column="found" />
        <TriadName column="target" />
        <TriadName column="left" />
      </View>
      {rows.map((row) => {
        const parameter = parameterAt(view.document.profile, row.address);
        return (
          parameter && (
            <SheetLine
              key={row.address}
              row={row}
              parameter={parameter}
              // the card above has its own
              changes={onAgain !== null && row.address !== entering}
              onAgain={onAgain}
            />
          )
        );
      })}
    </Card>
  );
}

interface SheetLineProps {
  readonly row: SheetRow;
  readonly parameter: Parameter;
  /** its target can be changed here */
  readonly changes: boolean;
  readonly onAgain: ((address: string) => void) | null;
}

/** A setting in its three columns, and what can be done with it: its target changed, what was set entered again or taken back. */
function SheetLine({ row, parameter, changes, onAgain }: SheetLineProps) {
  const palette = usePalette();
  const change = useChangeTarget(row, parameter);
  const state = STATE[stateOf(row)];
  const opens = changes ? change.open : null;
  return (
    <View style={[styles.row, { borderColor: palette.line }]} testID={`sheet-${parameter.key}`}>
      <Pressable
        {...(opens
          ? {
              role: 'button' as const,
              'aria-label': `${parameter.label}: change its target`,
              testID: `change-${parameter.key}`,
              onPress: opens,
            }
          : { disabled: true })}
        style={styles.line}
      >
        <View style={styles.head}>
          <Words style={styles.grow}>{parameter.label}</Words>
          <Words size="small" bold colour={state.colour}>
            {state.words}
          </Words>
          {opens && (
            <Words size="small" bold colour="petrol">
              Change
            </Words>
          )}
        </View>
        <View style={styles.values}>
          {(['found', 'target', 'left'] as const).map((column) => (
            <View key={column} style={styles.value}>
              <TriadSign column={column} />
              <View style={styles.shrink}>
                <EntryText
                  bold={column === 'left'}
                  parameter={parameter}
                  entry={column === 'left' && !row.left && stateOf(row) === 'keep' ? row.found : row[column]}
                />
              </View>
            </View>
          ))}
        </View>
        {row.chosen && (
          <Words size="small" bold colour="ochre" testID={`chosen-${parameter.key}`}>
            {chosenWords(parameter, row)}
          </Words>
        )}
      </Pressable>
      {changes && change.box}
      {onAgain && row.left && (
        <ButtonRow>
          <Button
            kind="quiet"
            label="Enter again"
            testID={`again-${parameter.key}`}
            onPress={() => onAgain(row.address)}
          />
          <TakeBack id={row.left.id} of={parameter.label} testID={`slip-${parameter.key}`} />
        </ButtonRow>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  names: { flexDirection: 'row', gap: SPACE.l },
  row: { borderTopWidth: 1, paddingTop: SPACE.s, gap: 2 },
  line: { minHeight: TOUCH, gap: 2 },
  head: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.s },
  values: { flexDirection: 'row', gap: SPACE.s },
  value: { flex: 1, flexDirection: 'row', alignItems: 'center', gap: SPACE.xs, minWidth: 0 },
  grow: { flex: 1 },
  shrink: { flexShrink: 1 },
});
