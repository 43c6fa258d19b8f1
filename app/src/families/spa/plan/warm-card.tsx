import { timeChart } from '@barythm/core/chart';
import {
  coveredLoss_WK,
  held_C,
  heaterFlows,
  latestStart,
  savedBetween,
  standsWarm_kWh,
  shownUntil_h,
  tubDay,
  warmest_C,
  warming,
  type SpaSettings,
} from '@barythm/core/families/spa';
import { addressOf, parameterWithRole } from '@barythm/core/profile';
import { timeOfDay } from '@barythm/core/time';
import { fig, figureWithUnit, inSystemOf, type Quantity } from '@barythm/core/units';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { TimeChartView } from '../../../charts/time-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { TargetField, type ByHand } from '../../../kit/plan';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { TriadName } from '../../../ui/words/triad';
import { Words } from '../../../ui/words/words';
import { SPACE } from '../../../ui/theme';
import type { SpaWork } from './spa-work';

const HALF_h = 0.5;

interface WarmCardProps {
  readonly work: SpaWork;
  readonly byHand: ByHand;
  readonly onMove: (byHand: ByHand) => void;
}

/** How it warms up after filling, in the coldest air, when it is ready, and what a lower temperature between bathing saves. */
export function WarmCard({ work, byHand, onMove }: WarmCardProps) {
  const reader = useReader();
  const { box, onLayout } = useChartBox(240);
  const { context, settings, found, values } = work;
  const { duty } = context;
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const courses = useMemo(() => {
    const courseOf = (of: SpaSettings | null) => {
      if (!of) return null;
      const [day, to] = [tubDay(context, of), held_C(context, of)];
      return day && to !== null ? { ...warming(context, day, to), held: to } : null;
    };
    return { now: courseOf(settings), before: courseOf(found) };
  }, [context, settings, found]);
  const between = duty.choices.between_C;
  const saved = useMemo(
    () => (between === undefined ? null : savedBetween(context, settings, between)),
    [context, settings, between],
  );
  const { now, before } = courses;
  const start = now && now.ready_h !== null ? latestStart(duty, now.ready_h) : null;
  // the picture is read in the reader's own unit
  const shown = (celsius: number) => inSystemOf(celsius, '°C', reader.system).value;
  /** whether heater and pump hold what is wanted in the coldest air, and with how much to spare */
  const holdsSaid = () => {
    const wanted = duty.wanted.temperature_C;
    const spare_kW = (coveredLoss_WK(duty) * (warmest_C(duty) - wanted)) / 1000;
    return spare_kW >= 0
      ? `In the coldest air heater and pump hold ${say('temperature', wanted)} with ${say('heat', spare_kW)} to spare.`
      : `In the coldest air heater and pump hold ${say('temperature', warmest_C(duty))} at most.`;
  };
  const until = shownUntil_h([now?.ready_h ?? null, before?.ready_h ?? null]);
  const part = (water_C: readonly number[]) => water_C.slice(0, Math.floor(until / HALF_h) + 1).map(shown);
  const chart =
    now &&
    timeChart(box, {
      values: part(now.water_C),
      ...(before && { before: part(before.water_C) }),
      time: { title: 'Time after filling, h', each: HALF_h },
      title: `Water, ${inSystemOf(0, '°C', reader.system).unit}`,
      reaches: shown(now.held),
      from: shown(duty.wanted.from_C - 2),
      levels: [{ at: shown(now.held), name: 'held' }],
      marks: now.ready_h === null ? [] : [{ at_s: now.ready_h, words: 'ready' }],
    });
  const set = parameterWithRole(context.profile, 'set');
  return (
    <Card title="Warming up" testID="warm-card">
      <Words
        size="figure"
        figures
        bold
        colour={now && now.ready_h !== null ? 'moss' : 'rust'}
        testID="warm-ready"
      >
        {!now ? 'not known' : now.ready_h === null ? 'never' : say('hours', now.ready_h)}
      </Words>
      <Words>
        {now
          ? `from ${say('temperature', duty.wanted.from_C)} to ${say('temperature', now.held)} in air of ${say('temperature', duty.tub.coldest_C)}, under its cover.`
          : 'Its row, its set point and its cycles must be known.'}
      </Words>
      {chart && (
        <>
          <View style={styles.names}>
            {before && <TriadName column="found" />}
            <TriadName column="target" />
          </View>
          <View onLayout={onLayout}>
            <TimeChartView
              colour="petrol"
              chart={chart}
              text={`Warming up: ${now.ready_h === null ? 'it never gets there' : `ready after ${say('hours', now.ready_h)}`}.`}
            />
          </View>
        </>
      )}
      {set && values[set.key] !== undefined && (
        <TargetField
          parameter={set}
          values={values}
          onValue={(value) => onMove({ ...byHand, [addressOf(set)]: value })}
        />
      )}
      {now && (
        <Words testID="warm-stands">
          Standing warm takes {say('energy', standsWarm_kWh(duty, now.held))} a day in the usual air.
          {start
            ? ` To be warm for the first bath after filling, start at ${timeOfDay(start.at_min)}${start.daysBefore === 0 ? ' that day' : start.daysBefore === 1 ? ' the day before' : `, ${start.daysBefore} days before`}.`
            : ''}
        </Words>
      )}
      <Words size="small" colour="quiet">
        {heaterFlows(duty) === false
          ? 'With the flow that filters the heater cuts out.'
          : `${holdsSaid()} It loses ${coveredLoss_WK(duty).toFixed(1)} W for each kelvin.`}{' '}
        What pumps take is reckoned to end in the water.
      </Words>
      {saved && between !== undefined && (
        <View testID="warm-between">
          <Words bold>
            {say('temperature', between)} between bathing: {(saved.held.kWh - saved.lowered.kWh).toFixed(2)}{' '}
            kWh a day less
            {saved.lowered.cost <= saved.held.cost
              ? `, and ${(saved.held.cost - saved.lowered.cost).toFixed(2)} ${duty.currency}.`
              : `, but ${(saved.lowered.cost - saved.held.cost).toFixed(2)} ${duty.currency} more: it heats again at peak price.`}
          </Words>
          <Words>
            Heat again at {saved.starts.map(timeOfDay).join(', ')} at the latest, in the coldest air.
          </Words>
        </View>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({ names: { flexDirection: 'row', gap: SPACE.l } });
