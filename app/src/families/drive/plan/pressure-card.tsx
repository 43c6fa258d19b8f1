import { pressureChart } from '@barythm/core/chart';
import {
  askedAt_bar,
  heldAt_bar,
  mostOf_hz,
  neededSet_bar,
  reaches_bar,
  stopSpan_m3h,
  stopsUnder_m3h,
  type DriveSettings,
} from '@barythm/core/families/drive';
import { headAt_m } from '@barythm/core/hydraulics';
import { addressOf, parameterWithRole, readIn, shownIn } from '@barythm/core/profile';
import { fig, figureWithUnit, type Quantity } from '@barythm/core/units';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { PressureChartView } from '../../../charts/pressure-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { LevelGrip, taken, TargetField, type ByHand } from '../../../kit/plan';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { useWide } from '../../../ui/screen/layout';
import { SPACE } from '../../../ui/theme';
import { UndoButton } from '../../../ui/touch/undo-button';
import { useUndo } from '../../../ui/touch/use-undo';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import type { DriveWork } from './drive-work';

interface PressureCardProps {
  readonly work: DriveWork;
  readonly byHand: ByHand;
  readonly onMove: (byHand: ByHand) => void;
}

/** Where the grip stands: a third along the greatest draw, clear of the cross. */
const GRIP_AT = 0.34;

/** What is held over the draw, against curves and plant; the set pressure can be moved, and the stop frequency typed. */
export function PressureCard({ work, byHand, onMove }: PressureCardProps) {
  const reader = useReader();
  const wide = useWide();
  const { box, onLayout } = useChartBox(wide ? 360 : 310);
  const chart = useMemo(() => pressureChart(box, pictureOf(work)), [box, work]);
  const undo = useUndo(byHand, onMove);
  const { context, settings, pump, values } = work;
  const { draw } = context.duty;
  const needed = neededSet_bar(context.duty) ?? 0;
  const parameter = parameterWithRole(context.profile, 'set');
  const stop = parameterWithRole(context.profile, 'stop.frequency');
  const held = heldAt_bar(context, settings, draw.greatest_m3h);
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const move = (bar: number) => {
    if (!parameter) return;
    const shown = shownIn(parameter, 'pressure', bar) ?? bar;
    onMove({ ...byHand, [addressOf(parameter)]: taken(parameter, values, shown) });
  };
  const step = parameter ? (readIn(parameter, 'pressure', parameter.step ?? 0.1) ?? 0.1) : 0.1;
  const text = saidOf(work, say);
  return (
    <Card title="Pressure over demand" testID="pressure-card">
      <View style={styles.names}>
        {work.found && heldAt_bar(context, work.found, 0) !== null && <TriadName column="found" />}
        <TriadName column="target" />
      </View>
      <View onLayout={onLayout}>
        <PressureChartView chart={chart} text={text} />
        {parameter && settings.set_bar !== null && (
          <LevelGrip
            testID="set-grip"
            label="Set pressure of the target"
            unit="bar"
            frame={chart.frame}
            x={draw.greatest_m3h * GRIP_AT}
            value={settings.set_bar}
            step={step}
            onBegin={undo.keep}
            onMove={move}
          />
        )}
      </View>
      <Words size="small" colour="quiet">
        Thin: one pump, then all, at the maximum frequency. Dotted: what the plant asks for. Cross: the
        maximum demand. Ring: where it stops at zero demand.
      </Words>
      <UndoButton undo={undo} testID="pressure-undo" />
      {[parameter, stop].map(
        (one) =>
          one &&
          values[one.key] !== undefined && (
            <TargetField
              key={one.key}
              parameter={one}
              values={values}
              onValue={(value) => onMove({ ...byHand, [addressOf(one)]: value })}
            />
          ),
      )}
      {held !== null && (
        <Words bold colour={held >= needed * 0.98 ? 'moss' : 'rust'} testID="pressure-held">
          {say('pressure', held)} held; {say('pressure', needed)} needed at{' '}
          {say('waterFlow', draw.greatest_m3h)}.
        </Words>
      )}
      <Words testID="pressure-stop">{text}</Words>
      <Words size="small" colour="quiet">
        With {say('pressure', context.inlet.least_bar)} at the inlet, and{' '}
        {say('frequency', mostOf_hz(context, settings))} at most of {say('frequency', pump.rated_hz)}.
      </Words>
    </Card>
  );
}

function pictureOf({ context, pump, settings, found }: DriveWork) {
  const { draw, pump: own } = context.duty;
  const most = mostOf_hz(context, settings);
  const held = (of: DriveSettings) =>
    heldAt_bar(context, of, 0) === null
      ? null
      : (flow: number) =>
          Math.min(
            heldAt_bar(context, of, flow) ?? 0,
            reaches_bar(context, pump, mostOf_hz(context, of), own.count, flow),
          );
  const curve = (hz: number, count: number, label: string) => ({
    label,
    // where it gives no head any more its curve ends
    at: (flow: number) =>
      headAt_m(pump.curve, flow / count, hz / pump.rated_hz) > 0
        ? reaches_bar(context, pump, hz, count, flow)
        : NaN,
  });
  const { stop_hz } = settings;
  const under = stopsUnder_m3h(context, pump, settings, context.inlet.least_bar);
  const nil = heldAt_bar(context, settings, 0);
  const hz = (value: number) => `${Number(value.toFixed(1))} Hz`;
  return {
    end_m3h: draw.greatest_m3h * 1.25,
    curves: [
      ...(stop_hz === null ? [] : [curve(stop_hz, 1, hz(stop_hz))]),
      curve(most, 1, hz(most)),
      ...(own.count > 1 ? [curve(most, own.count, `all, ${hz(most)}`)] : []),
    ],
    asked: (flow: number) => askedAt_bar(context.duty, flow) ?? 0,
    held: { found: found && held(found), target: held(settings) },
    duty: { draw_m3h: draw.greatest_m3h, pressure_bar: neededSet_bar(context.duty) ?? 0 },
    stop: under === null || nil === null ? null : { draw_m3h: under, pressure_bar: nil },
  };
}

function saidOf({ context, pump, settings }: DriveWork, say: (q: Quantity, value: number) => string): string {
  const { draw, leak } = { draw: context.duty.draw, leak: context.duty.draw.leak_m3h };
  if (settings.stop_hz === null || context.duty.holds.kind !== 'pressure')
    return 'The drive does not stop by its frequency.';
  const span = stopSpan_m3h(context, pump, settings);
  if (span === null) return 'With minimum pressure at the inlet it never stops at zero demand.';
  const [low, high] = span;
  const under =
    Math.abs(high - low) < 0.005
      ? say('waterFlow', high)
      : `${say('waterFlow', low)} to ${say('waterFlow', high)}, by the pressure at the inlet`;
  return `Stops below ${under}. Minimum real demand ${say('waterFlow', draw.least_m3h)}${leak === null ? '' : `, leak ${say('waterFlow', leak)}`}.`;
}

const styles = StyleSheet.create({
  names: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
});
