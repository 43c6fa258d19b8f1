import { pumpChart } from '@barythm/core/chart';
import { headAt_m, lineHead_m } from '@barythm/core/hydraulics';
import { parameterWithRole, addressOf, shownIn, readIn } from '@barythm/core/profile';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { PumpChartView } from '../../../charts/pump-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { taken, LevelGrip, TargetField, type ByHand } from '../../../kit/plan';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { useWide } from '../../../ui/screen/layout';
import { SPACE } from '../../../ui/theme';
import { UndoButton } from '../../../ui/touch/undo-button';
import { useUndo } from '../../../ui/touch/use-undo';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import type { CirculatorWork } from './circulator-work';

/** The pump on its system: curve, lines found and target, pipes at full and part load; the set head can be moved. */
export function PumpCard({
  work,
  byHand,
  onMove,
}: {
  work: CirculatorWork;
  byHand: ByHand;
  onMove: (byHand: ByHand) => void;
}) {
  const reader = useReader();
  const wide = useWide();
  const { box, onLayout } = useChartBox(wide ? 360 : 300);
  const { pump, lines, context, settings } = work;
  const { duty } = context;
  const chart = useMemo(
    () =>
      pumpChart(box, {
        curve: pump.curve,
        lines,
        loss: pump.loss,
        duty: { flow_m3h: pump.flow_m3h, head_m: duty.index.head_m },
      }),
    [box, pump, lines, duty],
  );
  const undo = useUndo(byHand, onMove);
  const parameter = parameterWithRole(context.profile, 'head');
  const movable =
    parameter && settings.head_m !== null && lines.target !== null && lines.target.kind !== 'fixed';
  const move = (head_m: number) => {
    if (!parameter) return;
    const shown = shownIn(parameter, 'length', head_m) ?? head_m;
    onMove({ ...byHand, [addressOf(parameter)]: taken(parameter, work.values, shown) });
  };
  const step_m = parameter ? (readIn(parameter, 'length', parameter.step ?? 0.1) ?? 0.1) : 0.1;
  const over = lines.target && lineHead_m(lines.target, pump.curve, pump.flow_m3h) - duty.index.head_m;
  const length = (value: number) => figureWithUnit(fig('length', value), reader);
  return (
    <Card title="Head over flow" testID="pump-card">
      <View style={styles.names}>
        {lines.found && <TriadName column="found" />}
        {lines.target && <TriadName column="target" />}
      </View>
      <View onLayout={onLayout}>
        <PumpChartView chart={chart} />
        {movable && (
          <LevelGrip
            testID="head-grip"
            label="Set head of the target"
            unit="m"
            frame={chart.frame}
            value={lineHead_m(lines.target!, pump.curve, pump.flow_m3h)}
            x={pump.flow_m3h}
            step={step_m}
            onBegin={undo.keep}
            // the grip stands where the line meets the flow of the duty: the set head follows in proportion
            onMove={(head) =>
              move(
                (settings.head_m! * head) /
                  Math.max(1e-6, lineHead_m(lines.target!, pump.curve, pump.flow_m3h)),
              )
            }
          />
        )}
      </View>
      <Words size="small" colour="quiet">
        Thin: full speed, and the pipes with every valve open and at half flow. Cross: the duty.
      </Words>
      <UndoButton undo={undo} testID="pump-undo" />
      {movable && (
        <TargetField
          parameter={parameter}
          values={work.values}
          onValue={(value) => onMove({ ...byHand, [addressOf(parameter)]: value })}
        />
      )}
      {over !== null && (
        <Words bold colour={over >= -0.02 * duty.index.head_m ? 'moss' : 'rust'} testID="pump-over">
          {overSaid(over, length)}
        </Words>
      )}
      <Words>
        Full speed gives {length(headAt_m(pump.curve, pump.flow_m3h))} at{' '}
        {figureWithUnit(fig('waterFlow', pump.flow_m3h), reader)}; {length(duty.index.head_m)} is needed.
      </Words>
    </Card>
  );
}

/** Less than this is no difference that an eye or a gauge would see, m. */
const JUST_m = 0.005;

function overSaid(over_m: number, length: (value: number) => string): string {
  if (Math.abs(over_m) < JUST_m) return 'Just what the duty needs.';
  return over_m > 0
    ? `${length(over_m)} more than the duty needs.`
    : `${length(-over_m)} less than the duty needs.`;
}

const styles = StyleSheet.create({
  names: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
});
