import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { Choice } from '../../ui/fields/choice';
import { SPACE } from '../../ui/theme';
import type { BenchSheets, SheetName } from './bench-sheets';

export const SHEET_WORDS: Record<SheetName, string> = {
  found: 'As found',
  target: 'Target',
  left: 'As left',
  edited: 'Edited copy',
};

interface SheetChoiceProps {
  readonly sheets: BenchSheets;
  readonly first: SheetName;
  readonly second: SheetName;
  readonly onFirst: (name: SheetName) => void;
  readonly onSecond: (name: SheetName) => void;
}

/** Which two sheets are run over the same day. */
export function SheetChoice({ sheets, first, second, onFirst, onSecond }: SheetChoiceProps) {
  const names = [...(Object.keys(sheets.values) as SheetName[]), 'edited' as const];
  const options = names.map((value) => ({ value, label: SHEET_WORDS[value] }));
  return (
    <Card title="Compare" testID="bench-compare">
      <View style={styles.pair}>
        <Choice label="Above" testID="sheet-first" options={options} value={first} onChange={onFirst} />
        <Choice label="Below" testID="sheet-second" options={options} value={second} onChange={onSecond} />
      </View>
    </Card>
  );
}

const styles = StyleSheet.create({ pair: { gap: SPACE.m } });
