import { capital } from '@barythm/core/words';
import { timeChart } from '@barythm/core/chart';
import {
  compareControls,
  coolEnough,
  CONTROL_WORDS,
  CONTROLS,
  SESSIONS,
  whyWarmer,
  type Control,
  type Session,
  type SessionCourse,
} from '@barythm/core/families/transfer';
import { fig, figureWithUnit, inSystemOf, type Quantity } from '@barythm/core/units';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TimeChartView } from '../../../charts/time-chart-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/fields/choice';
import { useReader } from '../../../ui/reader';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { TransferWork } from './transfer-work';

/** What is looked at closely, s from the start: once it has settled, or while it is cleaned. */
const CLOSE: Readonly<Record<Session, readonly [number, number]>> = {
  regular: [3600, 5100],
  ragged: [3600, 5100],
  cleaning: [5700, 7500],
};

/** Both ways of control on the site's own gulps: level, flow and what is delivered, side by side. */
export function ControlsCard({
  work,
  onChoose,
}: {
  work: TransferWork;
  onChoose: (control: Control) => void;
}) {
  const reader = useReader();
  const [session, setSession] = useState<Session>('regular');
  const { box, onLayout } = useChartBox(180);
  const { context, settings } = work;
  const { duty, profile } = context;
  const known = settings.least_rpm !== null && settings.most_rpm !== null;
  const both = useMemo(
    () => (known ? compareControls(context, settings, session, whyWarmer) : null),
    [context, settings, session, known],
  );
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  if (!both)
    return (
      <Card title="Both controls on the same slugs" edge="ochre" testID="controls-card">
        <Words>They are compared as soon as its speeds are known.</Words>
      </Card>
    );
  const planned = settings.control ?? 'level';
  const other: Control = planned === 'even' ? 'level' : 'even';
  const part = (values: readonly number[], every_s: number, unit: string) =>
    values
      .slice(CLOSE[session][0] / every_s, CLOSE[session][1] / every_s)
      .map((value) => inSystemOf(value, unit, reader.system).value);
  const pictures = [
    { title: 'Level', unit: 'mm', of: (run: SessionCourse) => run.level_mm },
    { title: 'Flow', unit: 'm³/h', of: (run: SessionCourse) => run.flow_m3h },
    ...(duty.cooler ? [{ title: 'Delivered', unit: '°C', of: (run: SessionCourse) => run.delivered_C }] : []),
  ];
  return (
    <Card title="Both controls on the same slugs" testID="controls-card">
      <Choice
        label="Session"
        testID="controls-session"
        options={(Object.keys(SESSIONS) as Session[]).map((value) => ({
          value,
          label: SESSIONS[value].name,
        }))}
        value={session}
        onChange={(value) => setSession(value as Session)}
      />
      <View style={styles.sides}>
        {CONTROLS.map((control) => {
          const { sums } = both.runs[control];
          const cool = !duty.cooler || coolEnough(duty, sums.delivered_C);
          return (
            <View key={control} style={styles.side} testID={`control-${control}`}>
              <Words bold={control === planned}>{capital(CONTROL_WORDS[control])}</Words>
              {duty.cooler && (
                <Words size="title" figures bold colour={cool ? 'moss' : 'rust'}>
                  {say('temperature', sums.delivered_C)}
                </Words>
              )}
              <Words size="small" colour={sums.floods > 0 ? 'rust' : 'ink'}>
                {sums.floods > 0 ? `Floods ${sums.floods} times` : 'Does not flood'}
              </Words>
              <Words size="small">Stands {say('minutes', Math.round(sums.longest_min))} at most</Words>
              {sums.air_min > 0 && (
                <Words size="small" colour="rust">
                  Air for {say('minutes', sums.air_min)}
                </Words>
              )}
              <Words size="small">{say('energy', sums.kWh)}</Words>
              {control === planned ? (
                <Words size="small" bold colour="petrol">
                  Planned
                </Words>
              ) : (
                profile.behaviours.controls.includes(control) && (
                  <Button
                    kind="quiet"
                    label={`Plan ${CONTROL_WORDS[control]}`}
                    testID={`control-choose-${control}`}
                    onPress={() => onChoose(control)}
                  />
                )
              )}
            </View>
          );
        })}
      </View>
      {both.warmer && (
        <Words bold colour="ochre" testID="controls-warmer">
          Even-flow delivers warmer here. {both.warmer}
        </Words>
      )}
      <View onLayout={onLayout} style={styles.charts}>
        {pictures.map(({ title, unit, of }) => {
          const own = both.runs[planned];
          const shown = part(of(own), own.every_s, unit);
          const before = part(of(both.runs[other]), own.every_s, unit);
          const all = [...shown, ...before];
          const unitShown = inSystemOf(0, unit, reader.system).unit;
          return (
            <TimeChartView
              key={title}
              colour="petrol"
              other="quiet"
              chart={timeChart(box, {
                values: shown,
                before,
                time: { title: 'Time, min', each: own.every_s / 60 },
                title: `${title}, ${unitShown}`,
                reaches: Math.max(...all),
                from: title === 'Delivered' ? Math.min(...all) - 0.5 : 0,
                levels:
                  title === 'Delivered'
                    ? [{ at: inSystemOf(duty.product.wanted_C, '°C', reader.system).value, name: 'wanted' }]
                    : [],
                marks: [],
              })}
              text={`${title} of both controls: ${CONTROL_WORDS[planned]} from ${Math.min(...shown).toFixed(1)} to ${Math.max(...shown).toFixed(1)} ${unitShown}, ${CONTROL_WORDS[other]} from ${Math.min(...before).toFixed(1)} to ${Math.max(...before).toFixed(1)} ${unitShown}.`}
            />
          );
        })}
      </View>
      <Words size="small" colour="quiet">
        Full: {CONTROL_WORDS[planned]}, planned. Dashed: {CONTROL_WORDS[other]}, with the same levels and
        speeds. A closer look at part of the session; the figures are for all of it. Worked out; not measured.
      </Words>
    </Card>
  );
}

const styles = StyleSheet.create({
  sides: { flexDirection: 'row', gap: SPACE.m },
  side: { flex: 1, minWidth: 0, gap: SPACE.xs },
  charts: { gap: SPACE.s },
});
