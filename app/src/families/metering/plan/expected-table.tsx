import { memo } from 'react';
import { expectedAt, isSetInFlow, proofPoints } from '@barythm/core/families/metering';
import { displayUnit, fig, figureNumber, formatNumber } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { PlanWork } from './use-plan';

/** What the pump must do at each current: the table the proof is made against. */
export const ExpectedTable = memo(function ExpectedTable({ work }: { work: PlanWork }) {
  const reader = useReader();
  const palette = usePalette();
  const { context, settings } = work;
  const smooth = isSetInFlow(context.profile);
  const flow = displayUnit('pumpFlow', reader.system);
  if (settings.mode !== 'analog' || !settings.map) return null;
  const { line_mA, between_mA } = proofPoints(context);
  const all = [...new Set([...line_mA, ...between_mA, settings.map.x1_mA, settings.map.x2_mA])].sort(
    (a, b) => a - b,
  );
  const rows = all.map((x_mA) => expectedAt(context, settings, x_mA));
  return (
    <Card title="Expected values" testID="expected-table">
      <View style={styles.row}>
        {(smooth ? ['mA', flow] : ['mA', 'strokes/min', flow]).map((head) => (
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
                {figureNumber(fig('current', row.x_mA), reader)}
              </Words>
              {!smooth && (
                <Words figures bold size="large" style={styles.cell}>
                  {formatNumber(row.rate_spm, 1, '.')}
                </Words>
              )}
              <Words figures bold={smooth} size={smooth ? 'large' : 'body'} style={styles.cell}>
                {row.flow_lph === null ? '–' : figureNumber(fig('pumpFlow', row.flow_lph), reader)}
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
