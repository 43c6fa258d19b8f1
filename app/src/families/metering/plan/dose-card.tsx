import { doseChart } from '@barythm/core/chart';
import { doseAtFlow_mgl } from '@barythm/core/dosing';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { DoseChartView } from '../../../charts/dose-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { Card } from '../../../ui/card';
import { useWide } from '../../../ui/screen/layout';
import { SPACE } from '../../../ui/theme';
import { COLUMN_COLOUR, TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import type { PlanWork } from './use-plan';

/** The dose over the whole range of water flow, as it is and as it will be, against the wanted band. */
export function DoseCard({ work }: { work: PlanWork }) {
  const reader = useReader();
  const wide = useWide();
  const { box, onLayout } = useChartBox(wide ? 320 : 260);
  const { duty } = work.context;
  const { found, target } = work.dose;
  const chart = useMemo(
    () =>
      doseChart(
        box,
        [
          ...(found ? [{ column: 'found' as const, pieces: found.pieces }] : []),
          ...(target ? [{ column: 'target' as const, pieces: target.pieces }] : []),
        ],
        duty.dose,
        duty.water,
        reader.system,
      ),
    [box, found, target, duty, reader.system],
  );
  if (!found && !target) return null;
  const pictures = [
    ['found', found],
    ['target', target],
  ] as const;
  return (
    <Card title="Dose over water flow" testID="dose-card">
      {pictures.map(
        ([column, picture]) =>
          picture && (
            <View key={column} style={styles.line}>
              <TriadName column={column} />
              <Words>
                <Words figures bold size="title" colour={COLUMN_COLOUR[column]}>
                  {figureWithUnit(fig('dose', doseAtFlow_mgl(picture.path, duty.water.usual_m3h)), reader)}
                </Words>{' '}
                at {figureWithUnit(fig('waterFlow', duty.water.usual_m3h), reader)}
              </Words>
              <Words size="small" bold colour={picture.breaches.length === 0 ? 'moss' : 'rust'}>
                {picture.breaches.length === 0 ? 'within the band at every flow' : 'leaves the band'}
              </Words>
            </View>
          ),
      )}
      <View onLayout={onLayout}>
        <DoseChartView chart={chart} />
      </View>
      {chart.cut && (
        <Words size="small" colour="quiet">
          A dose far above the band is drawn at the upper edge.
        </Words>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: SPACE.m },
});
