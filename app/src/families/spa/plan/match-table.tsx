import {
  OUTPUT_WORDS,
  type Match,
  type Output,
  type SpaDuty,
  type TableRow,
} from '@barythm/core/families/spa';
import { StyleSheet, View } from 'react-native';
import { SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

const SHORT: Readonly<Record<Output, string>> = {
  'pump-1': 'P1',
  'pump-2': 'P2',
  'pump-3': 'P3',
  'pump-4': 'P4',
  blower: 'Air',
  circulation: 'Circ.',
  ozone: 'O₃',
  lights: 'Light',
};

const COLUMNS = ['pump-1', 'pump-2', 'pump-3', 'pump-4', 'blower', 'circulation', 'ozone'] as const;

/** What a row gives at a column: a pump's speeds, or that there is one; empty where there is none. */
function given(row: TableRow, output: (typeof COLUMNS)[number]): string {
  if (output === 'blower' || output === 'circulation' || output === 'ozone') return row[output] ? '✓' : '';
  const speeds = row.pumps[Number(output.slice(-1)) - 1] ?? 0;
  return speeds > 0 ? String(speeds) : '';
}

function connected(duty: SpaDuty, output: (typeof COLUMNS)[number]): string {
  if (output === 'blower' || output === 'circulation' || output === 'ozone') return duty[output] ? '✓' : '';
  const pump = duty.pumps[Number(output.slice(-1)) - 1];
  return pump ? (pump.low ? '2' : '1') : '';
}

/** Rows against what is connected, output by output: what lacks is framed. */
export function MatchTable({
  duty,
  matches,
  planned,
}: {
  duty: SpaDuty;
  matches: readonly Match[];
  planned: number | null;
}) {
  const palette = usePalette();
  const columns = COLUMNS.filter(
    (output) => connected(duty, output) !== '' || matches.some(({ row }) => given(row, output) !== ''),
  );
  const cell = (key: string, text: string, more: { head?: boolean; wrong?: string; bold?: boolean } = {}) => (
    <View
      key={key}
      role={more.head ? 'columnheader' : 'cell'}
      aria-label={more.wrong ? `${text || 'none'}, ${more.wrong}` : text || 'none'}
      style={[
        styles.cell,
        more.wrong !== undefined && { borderWidth: 2, borderRadius: 4, borderColor: palette.rust },
      ]}
    >
      <Words
        figures={!more.head}
        bold={more.bold || more.wrong !== undefined}
        size={more.head ? 'small' : 'body'}
        colour={more.wrong === undefined ? 'ink' : 'rust'}
      >
        {more.wrong !== undefined && text === '' ? '–' : text}
      </Words>
    </View>
  );
  return (
    <View role="table" aria-label="Rows of the table against what is connected" testID="match-table">
      <View role="row" style={[styles.row, { borderBottomColor: palette.edge }]}>
        <View style={styles.first}>
          <Words size="small">Number</Words>
        </View>
        {columns.map((output) => cell(output, SHORT[output], { head: true }))}
      </View>
      <View role="row" style={[styles.row, { borderBottomColor: palette.edge }]}>
        <View style={styles.first}>
          <Words size="small" bold>
            Connected
          </Words>
        </View>
        {columns.map((output) => cell(output, connected(duty, output), { bold: true }))}
      </View>
      {matches.map(({ row, lacks }) => (
        <View
          key={row.number}
          role="row"
          style={[
            styles.row,
            { borderBottomColor: palette.line },
            row.number === planned && { backgroundColor: palette.paper },
          ]}
        >
          <View style={styles.first}>
            <Words figures bold size="title" colour={lacks.length === 0 ? 'moss' : 'ink'}>
              {row.number}
            </Words>
          </View>
          {columns.map((output) => {
            const lack = lacks.find((one) => one.output === output && one.kind !== 'idle');
            return cell(
              output,
              given(row, output),
              lack ? { wrong: `lacks for the ${OUTPUT_WORDS[output]}` } : {},
            );
          })}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', borderBottomWidth: 1, minHeight: 36, gap: SPACE.xs },
  first: { width: 76, paddingLeft: SPACE.xs },
  cell: { flex: 1, minWidth: 0, minHeight: 30, alignItems: 'center', justifyContent: 'center' },
});
