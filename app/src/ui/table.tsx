import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { RADIUS, SPACE, TOUCH, usePalette } from './theme';
import { Words } from './words/words';

export interface Column<T> {
  readonly key: string;
  readonly label: string;
  /** its share of the width */
  readonly grow: number;
  readonly cell: (row: T) => ReactNode;
  /** what rows are sorted by; a column without cannot be sorted by */
  readonly by?: (row: T) => string | number;
}

interface TableProps<T> {
  readonly label: string;
  readonly columns: readonly Column<T>[];
  readonly rows: readonly T[];
  readonly keyOf: (row: T) => string;
  readonly testIDOf: (row: T) => string;
  readonly onOpen: (row: T) => void;
  /** sorted elsewhere, as where only a page of the rows is here */
  readonly sorted?: { readonly key: string; readonly onSort: (key: string) => void };
}

/** Rows of a wide screen, each leading somewhere, sorted by a tap on a heading. */
export function Table<T>({ label, columns, rows, keyOf, testIDOf, onOpen, sorted }: TableProps<T>) {
  const palette = usePalette();
  const [own, setOwn] = useState<{ key: string; down: boolean } | null>(null);
  const key = sorted?.key ?? own?.key;
  const press = (column: string) => {
    if (sorted) sorted.onSort(column);
    else setOwn({ key: column, down: own?.key === column && !own.down });
  };
  const by = sorted ? undefined : columns.find((column) => column.key === own?.key)?.by;
  const shown = by ? [...rows].sort((a, b) => compare(by(a), by(b)) * (own?.down ? -1 : 1)) : rows;
  const canSort = (column: Column<T>) => column.by !== undefined;
  return (
    <View
      role="table"
      aria-label={label}
      style={[styles.table, { borderColor: palette.line, backgroundColor: palette.surface }]}
    >
      <View role="row" style={[styles.row, { borderColor: palette.line }]}>
        {columns.map((column) => (
          <View key={column.key} role="columnheader" style={[styles.cell, { flexGrow: column.grow }]}>
            {canSort(column) ? (
              <Pressable
                role="button"
                testID={`sort-${column.key}`}
                onPress={() => press(column.key)}
                style={styles.head}
              >
                <Words bold size="small" colour={key === column.key ? 'petrol' : 'quiet'}>
                  {column.label}
                  {key === column.key ? (own?.down && !sorted ? ' ↓' : ' ↑') : ''}
                </Words>
              </Pressable>
            ) : (
              <View style={styles.head}>
                <Words bold size="small" colour="quiet">
                  {column.label}
                </Words>
              </View>
            )}
          </View>
        ))}
      </View>
      {shown.map((row) => (
        <View key={keyOf(row)} role="row" style={[styles.row, { borderColor: palette.line }]}>
          {columns.map((column, i) => (
            <View key={column.key} role="cell" style={[styles.cell, { flexGrow: column.grow }]}>
              {i === 0 ? (
                <Pressable role="link" testID={testIDOf(row)} onPress={() => onOpen(row)} style={styles.link}>
                  {column.cell(row)}
                </Pressable>
              ) : (
                column.cell(row)
              )}
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}

function compare(a: string | number, b: string | number): number {
  return typeof a === 'number' && typeof b === 'number' ? a - b : String(a).localeCompare(String(b), 'en');
}

const styles = StyleSheet.create({
  table: { borderWidth: 1, borderRadius: RADIUS.card, overflow: 'hidden' },
  row: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: 1, paddingHorizontal: SPACE.m },
  cell: { flexBasis: 0, minWidth: 0, paddingRight: SPACE.m, paddingVertical: SPACE.xs },
  head: { minHeight: TOUCH, justifyContent: 'center' },
  link: { minHeight: TOUCH, justifyContent: 'center' },
});
