import { signalChart, type SignalLine } from '@barythm/core/chart';
import { isSetInFlow } from '@barythm/core/families/metering';
import { addressOf, parameterWithRole, type Parameter } from '@barythm/core/profile';
import { useDeferredValue, useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { SignalChartView } from '../../../charts/signal-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { Card } from '../../../ui/card';
import { useWide } from '../../../ui/screen/layout';
import { SPACE } from '../../../ui/theme';
import { TriadName } from '../../../ui/words/triad';
import { UndoButton } from '../../../ui/touch/undo-button';
import { useUndo } from '../../../ui/touch/use-undo';
import { Words } from '../../../ui/words/words';
import { rateAxis } from './rate-axis';
import { PointFields } from './point-fields';
import type { PointParameters } from './point-parameters';
import { PointGrip } from './point-grip';
import { Still, taken, type ByHand, type MoveByHand } from '../../../kit/plan';
import type { PlanWork } from './use-plan';

interface SignalCardProps {
  readonly work: PlanWork;
  readonly byHand: ByHand;
  readonly onMove: MoveByHand;
}

/** The signal chart with what is there and the target on it; points that the controller leaves free can be moved. */
export function SignalCard({ work, byHand, onMove }: SignalCardProps) {
  const wide = useWide();
  const { box, onLayout } = useChartBox(wide ? 340 : 280);
  const { settings, found: before, context } = work;
  const lines = useMemo<SignalLine[]>(() => {
    const drawn: SignalLine[] = [];
    if (before?.mode === 'analog' && before.map) {
      drawn.push({
        column: 'found',
        map: before.map,
        watch: before.watch,
        limits: before.limits,
      });
    }
    if (settings.mode === 'analog' && settings.map) {
      drawn.push({ column: 'target', map: settings.map, watch: settings.watch, limits: settings.limits });
    }
    return drawn;
  }, [before, settings]);
  const chart = useMemo(
    () => signalChart(box, lines, [], axisTop_spm(work, lines), rateAxis(work)),
    [box, lines, work],
  );
  const points = useMemo(() => freePoints(work), [work]);
  const calm = useDeferredValue(work);
  const undo = useUndo(byHand, onMove);
  if (lines.length === 0) return null;

  const move = (point: PointParameters, x_mA: number, y: number) =>
    onMove({
      ...byHand,
      [addressOf(point.x)]: taken(point.x, work.values, x_mA),
      [addressOf(point.y)]: taken(point.y, work.values, y),
    });
  const valueOf = (parameter: Parameter) => {
    const value = work.values[parameter.key];
    return typeof value === 'number' ? value : null;
  };

  return (
    <Card
      title={isSetInFlow(context.profile) ? 'Flow over signal' : 'Stroke rate over signal'}
      testID="signal-card"
    >
      <View style={styles.names}>
        {lines.map((line) => (
          <TriadName key={line.column} column={line.column} />
        ))}
      </View>
      <View onLayout={onLayout}>
        <SignalChartView chart={chart} />
        {settings.map &&
          points.map((point, i) => (
            <PointGrip
              key={i}
              index={i + 1}
              chart={chart}
              x_mA={valueOf(point.x)}
              y={valueOf(point.y)}
              unit={point.y.unit ?? ''}
              stepX={point.x.step ?? 0.1}
              stepY={point.y.step ?? 1}
              onBegin={undo.keep}
              onMove={(x_mA, y_spm) => move(point, x_mA, y_spm)}
            />
          ))}
      </View>
      {chart.dead && (
        <Words size="small" colour="quiet">
          Shaded: with the target the pump stands still.
          {isSetInFlow(context.profile) ? '' : ' Steps: whole strokes.'}
        </Words>
      )}
      <UndoButton undo={undo} testID="signal-undo" />
      {points.length > 0 ? (
        // the figures follow the grip a moment later
        <Still on={calm}>{() => <PointFields work={calm} points={points} onMove={onMove} />}</Still>
      ) : (
        <Words size="small" colour="quiet">
          {context.profile.behaviours.analog.kind === 'plain'
            ? 'This controller has plain ranges: its line follows from range, gear and stroke length.'
            : ''}
        </Words>
      )}
    </Card>
  );
}

/** A smooth drive turns down a thousandfold: its axis goes by the lines, with room to drag; others by their gear. */
function axisTop_spm({ context, settings }: PlanWork, lines: readonly SignalLine[]): number {
  if (!isSetInFlow(context.profile)) return settings.geared_spm;
  const most = Math.max(1, ...lines.flatMap(({ map }) => [map.y1, map.y2]));
  return Math.min(settings.geared_spm, most * DRAG_ROOM);
}

const DRAG_ROOM = 1.5;

/** The parameters behind both points, when the controller has them as free settings. */
function freePoints({ context, settings }: PlanWork): PointParameters[] {
  if (context.profile.behaviours.analog.kind !== 'free-points' || settings.mode !== 'analog') return [];
  const named = (role: string) => parameterWithRole(context.profile, role);
  return (
    [
      ['signal.x1', 'signal.y1'],
      ['signal.x2', 'signal.y2'],
    ] as const
  ).flatMap(([xRole, yRole]) => {
    const x = named(xRole);
    const y = named(yRole);
    return x && y ? [{ x, y }] : [];
  });
}

const styles = StyleSheet.create({ names: { flexDirection: 'row', gap: SPACE.l } });
