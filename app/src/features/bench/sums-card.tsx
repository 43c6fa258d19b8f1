import { formatNumber } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words';
import type { ShownRun } from '../../workers/bench-messages';

interface Row {
  readonly key: string;
  readonly label: string;
  readonly unit: string;
  readonly decimals: number;
  readonly of: (sums: ShownRun['sums']) => number;
  /** shown only where one of the sheets has some */
  readonly onlyIfAny?: boolean;
}

const ROWS: readonly Row[] = [
  { key: 'inBand', label: 'Time in the wanted band', unit: '%', decimals: 1, of: (s) => s.inBand * 100 },
  { key: 'given', label: 'Product given', unit: 'L', decimals: 3, of: (s) => s.given_L },
  { key: 'wanted', label: 'Product wanted', unit: 'L', decimals: 3, of: (s) => s.wanted_L },
  { key: 'strokes', label: 'Strokes', unit: '', decimals: 0, of: (s) => s.strokes },
  { key: 'lost', label: 'Strokes lost', unit: '', decimals: 0, of: (s) => s.strokesLost, onlyIfAny: true },
  {
    key: 'backlog',
    label: 'Strokes owed at most',
    unit: '',
    decimals: 0,
    of: (s) => (s.backlogMost < 2 ? 0 : s.backlogMost),
    onlyIfAny: true,
  },
  {
    key: 'locked',
    label: 'Locked by gas',
    unit: 'min',
    decimals: 0,
    of: (s) => s.locked_s / 60,
    onlyIfAny: true,
  },
  { key: 'dry', label: 'Running dry', unit: 'min', decimals: 0, of: (s) => s.dry_s / 60, onlyIfAny: true },
  { key: 'tank', label: 'Left in the tank', unit: 'L', decimals: 1, of: (s) => s.tank_L },
];

/** Both sheets over the same day in figures, and what the change does. */
export function SumsCard({ runs }: { runs: readonly ShownRun[] }) {
  const palette = usePalette();
  const [first, second] = runs;
  if (!first || !second) return null;
  const rows = ROWS.filter((row) => !row.onlyIfAny || row.of(first.sums) > 0 || row.of(second.sums) > 0);
  const change = second.sums.inBand - first.sums.inBand;
  return (
    <Card title="What the change does" testID="bench-sums">
      <View>
        <Words figures bold size="hero" colour={change >= 0 ? 'moss' : 'rust'} testID="bench-headline">
          {formatNumber(second.sums.inBand * 100, 1, '.')}
          <Words size="large" colour="quiet">
            {' '}
            % in the band
          </Words>
        </Words>
        <Words>
          {second.name}; {first.name.toLowerCase()} {formatNumber(first.sums.inBand * 100, 1, '.')} %.
        </Words>
      </View>
      <View style={styles.row}>
        <Words size="small" colour="quiet" style={styles.label}>
          {' '}
        </Words>
        {[first.name, second.name, 'Change'].map((name) => (
          <Words key={name} size="small" bold colour="quiet" style={styles.cell}>
            {name}
          </Words>
        ))}
      </View>
      {rows.map((row) => {
        const [a, b] = [row.of(first.sums), row.of(second.sums)];
        return (
          <View
            key={row.key}
            style={[styles.row, styles.ruled, { borderColor: palette.line }]}
            testID={`sum-${row.key}`}
          >
            <Words size="small" style={styles.label}>
              {row.label}
              {row.unit ? `, ${row.unit}` : ''}
            </Words>
            <Words figures style={styles.cell}>
              {formatNumber(a, row.decimals, '.')}
            </Words>
            <Words figures bold style={styles.cell}>
              {formatNumber(b, row.decimals, '.')}
            </Words>
            <Words figures style={styles.cell} colour="quiet">
              {b > a ? '+' : ''}
              {formatNumber(b - a, row.decimals, '.')}
            </Words>
          </View>
        );
      })}
    </Card>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'baseline', gap: SPACE.xs },
  ruled: { borderTopWidth: 1, paddingTop: SPACE.xs },
  label: { flex: 1.3 },
  cell: { flex: 1, textAlign: 'right' },
});
