import { memo } from 'react';
import { expectedAt, isSetInFlow, proofPoints } from '@barythm/core/families/metering';
import { fig, figureNumber, formatNumber, METRIC } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words';
import type { PlanWork } from './use-plan';

/** What the pump must do at each current: the table the proof is made against. */
export const ExpectedTable = memo(function ExpectedTable({ work }: { work: PlanWork }) {
  const palette = usePalette();
  const { context, settings } = work;
  if (settings.mode !== 'analog' || !settings.map) return null;
  const { points_mA } = proofPoints(context);
  const all = [...new Set([...points_mA, settings.map.x1_mA, settings.map.x2_mA])].sort((a, b) => a - b);
  const rows = all.map((x_mA) => expectedAt(context, settings, x_mA));
  return (
    <Card title="Expected values" testID="expected-table">
      <View style={styles.row}>
        {['mA', isSetInFlow(context.profile) ? 'strokes/min inside' : 'strokes/min', 'L/h'].map((head) => (
          <Words key={head} size="small" colour="quiet" style={styles.cell}>
            {head}
          </Words>
        ))}
      </View>
      {rows.map(
        (row) =>
          row && (
            <View
              key={row.x_mA}
              testID={`expected-${row.x_mA}`}
              style={[styles.row, styles.ruled, { borderColor: palette.line }]}
            >
              <Words figures style={styles.cell}>
                {figureNumber(fig('current', row.x_mA), METRIC)}
              </Words>
              <Words figures bold size="large" style={styles.cell}>
                {formatNumber(row.rate_spm, 1, '.')}
              </Words>
              <Words figures style={styles.cell}>
                {row.flow_lph === null ? '–' : figureNumber(fig('pumpFlow', row.flow_lph), METRIC)}
              </Words>
            </View>
          ),
      )}
    </Card>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'baseline' },
  ruled: { borderTopWidth: 1, paddingTop: SPACE.xs },
  cell: { flex: 1 },
});
