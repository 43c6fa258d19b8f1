import { SECONDS_PER_DAY, type Headline, type SumRow } from '@barythm/core/bench';
import { formatNumber, inSystemOf, type UnitSystem } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { useReader } from '../../ui/reader';
import { SPACE, textSize, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import type { ShownRun } from '../../workers/bench-messages';

interface SumsCardProps {
  readonly runs: readonly ShownRun[];
  readonly rows: readonly SumRow[];
  readonly headline: Headline;
}

/** Both sheets over the same day in figures, and what the change does. */
export function SumsCard({ runs, rows: all, headline }: SumsCardProps) {
  const palette = usePalette();
  const reader = useReader();
  const [first, second] = runs;
  if (!first || !second) return null;
  const shown = (row: SumRow | Headline, value: number) => {
    const at = inSystemOf(value, row.unit, reader.system);
    const decimals = decimalsIn(row, reader.system);
    return { value: rounded(at.value, decimals), unit: at.unit, decimals };
  };
  const any = (row: SumRow) => runs.some(({ sums }) => Number((row.of(sums) ?? 0).toFixed(row.decimals)) > 0);
  const rows = all.filter(
    (row) => runs.every(({ sums }) => row.of(sums) !== undefined) && (!row.onlyIfAny || any(row)),
  );
  const unknown = [...new Set(runs.flatMap((run) => run.unknown ?? []))];
  const [was, is] = [first, second].map(({ sums }) => headline.of(sums));
  const said = (sum: number) => {
    const { value, unit, decimals } = shown(headline, sum);
    return {
      figure: formatNumber(value, decimals, '.'),
      behind: [unit, headline.words].filter(Boolean).join(' '),
    };
  };
  const better = headline.moreIsBetter ? is >= was : is <= was;
  return (
    <Card title="What the change does" testID="bench-sums">
      <View>
        <Words figures bold size="hero" colour={better ? 'moss' : 'rust'} testID="bench-headline">
          {said(is).figure}
          <Words size="large" colour="quiet">
            {' '}
            {said(is).behind}
          </Words>
        </Words>
        <Words>
          {second.name}, over the {first.seconds > SECONDS_PER_DAY ? 'week' : 'day'};{' '}
          {first.name.toLowerCase()} {said(was).figure} {said(was).behind}.
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
        const [a, b] = [first, second].map(({ sums }) => shown(row, row.of(sums) ?? 0));
        const { unit, decimals } = a;
        // of the figures that stand there, or a reader who subtracts them comes to another
        const change = rounded(b.value - a.value, decimals);
        return (
          <View
            key={row.key}
            style={[styles.row, styles.ruled, { borderColor: palette.line }]}
            testID={`sum-${row.key}`}
          >
            <Words size="small" style={styles.label}>
              {row.label}
              {unit ? `, ${unit}` : ''}
            </Words>
            <Words figures style={styles.cell}>
              {formatNumber(a.value, decimals, '.')}
            </Words>
            <Words figures bold style={styles.cell}>
              {formatNumber(b.value, decimals, '.')}
            </Words>
            <Words figures style={styles.cell} colour="quiet">
              {change > 0 ? '+' : ''}
              {formatNumber(change, decimals, '.')}
            </Words>
          </View>
        );
      })}
      {unknown.length > 0 && (
        <View testID="bench-unknown">
          <Words size="small" bold colour="ochre">
            Assumptions:
          </Words>
          {unknown.map((words) => (
            <Words key={words} size="small">
              · {words}
            </Words>
          ))}
        </View>
      )}
    </Card>
  );
}

function rounded(value: number, decimals: number): number {
  return Number(value.toFixed(decimals));
}

/** As many decimals as say the same in a system's unit: two of a cubic metre are none of a gallon. */
function decimalsIn({ unit, decimals }: SumRow | Headline, system: UnitSystem): number {
  const step = inSystemOf(1, unit, system).value - inSystemOf(0, unit, system).value;
  return Math.max(0, decimals - Math.round(Math.log10(step)));
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: SPACE.xs },
  ruled: { borderTopWidth: 1, paddingTop: SPACE.xs },
  label: { flexGrow: 1.3, flexBasis: textSize(90) },
  cell: { flexGrow: 1, flexBasis: textSize(50), textAlign: 'right' },
});
