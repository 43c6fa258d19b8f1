import { capital } from '@barythm/core/words';
import { loadBars } from '@barythm/core/chart';
import { HEATER_RULES, type HeaterRule } from '@barythm/core/electric';
import {
  heatingLost_kWh,
  matchTable,
  partsOf,
  RULE_WORDS,
  stateSaid,
  worstLoad,
} from '@barythm/core/families/spa';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { LoadBarsView } from '../../../charts/load-bars-view';
import { useChartBox } from '../../../charts/use-chart-box';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { SPACE } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { SpaWork } from './spa-work';

/** The worst that each phase can be asked for, and for every rule what it would take and the heating that it costs. */
export function LoadCard({ work, onChoose }: { work: SpaWork; onChoose: (rule: HeaterRule) => void }) {
  const reader = useReader();
  const { context, row } = work;
  const { duty } = context;
  const phases = duty.supply.phases;
  const { box: whole, onLayout } = useChartBox(70 + phases * 44);
  const load = useMemo(() => row && worstLoad(duty, row), [duty, row]);
  const chart = useMemo(
    () =>
      load &&
      row &&
      loadBars(
        { ...whole, left: phases > 1 ? 34 : 12, top: 34 },
        load.byPhase.map(({ phase, state }) => ({
          phase,
          parts: partsOf(duty, row, state).filter((part) => part.phase === phase),
        })),
        duty.supply.breaker_A,
      ),
    [whole, load, row, duty, phases],
  );
  const amps = (value: number) => figureWithUnit(fig('motorCurrent', value), reader);
  if (!row || !load || !chart)
    return (
      <Card title="Current" edge="ochre" testID="load-card">
        <Words>What it takes is known as soon as its row is.</Words>
      </Card>
    );
  const offered = new Set(matchTable(duty, context.table).exact.map((match) => match.row.heater));
  const fits = load.margin >= 0;
  const said = `At most ${amps(load.worst_A)}${phases > 1 ? ` on phase ${load.phase}` : ''}, with ${stateSaid(duty, load.state)}`;
  return (
    <Card title="Current, at its worst" testID="load-card">
      <Words size="figure" figures bold colour={fits ? 'moss' : 'rust'} testID="load-worst">
        {amps(load.worst_A)}
      </Words>
      <Words bold testID="load-state">
        {stateSaid(duty, load.state)}
        {phases > 1 ? `, on phase ${load.phase}` : ''}
      </Words>
      <Words bold colour={fits ? 'moss' : 'rust'} testID="load-margin">
        {fits
          ? `${Math.round(load.margin * 100)} % of ${amps(duty.supply.breaker_A)} are left.`
          : `More than the breaker of ${amps(duty.supply.breaker_A)}.`}
      </Words>
      <View onLayout={onLayout}>
        <LoadBarsView chart={chart} text={`${said}.`} />
      </View>
      {phases > 1 && (
        <Words size="small" colour="quiet">
          {load.byPhase.map(({ phase, state }) => `L${phase}: ${stateSaid(duty, state)}`).join('. ')}.
        </Words>
      )}
      {HEATER_RULES.map((rule) => {
        const other = worstLoad(duty, row, rule);
        const lost = heatingLost_kWh(duty, row, rule);
        const here = rule === row.heater;
        return (
          <View key={rule} style={styles.rule} testID={`rule-${rule}`}>
            <View style={styles.head}>
              <View style={styles.grow}>
                <Words bold={here}>{capital(RULE_WORDS[rule])}</Words>
              </View>
              <Words figures bold colour={other.margin >= 0 ? 'ink' : 'rust'}>
                {amps(other.worst_A)}
              </Words>
            </View>
            <Words size="small" colour="quiet">
              {lost === 0
                ? 'No heating is lost while jets run.'
                : `${figureWithUnit(fig('energy', lost), reader)} of heating lost a day while jets run.`}
              {offered.has(rule) ? '' : ' No row that fits has it.'}
            </Words>
            {here ? (
              <Words size="small" bold colour="petrol">
                Planned
              </Words>
            ) : (
              offered.has(rule) &&
              other.margin >= 0 && (
                <Button
                  kind="quiet"
                  label={`Plan it so: ${RULE_WORDS[rule]}`}
                  testID={`rule-choose-${rule}`}
                  onPress={() => onChoose(rule)}
                />
              )
            )}
          </View>
        );
      })}
      <Words size="small" colour="quiet">
        Every state that the row allows was gone through; currents from plates, not measured.
      </Words>
    </Card>
  );
}

const styles = StyleSheet.create({
  rule: { gap: SPACE.xs },
  head: { flexDirection: 'row', gap: SPACE.m, alignItems: 'baseline' },
  grow: { flex: 1, minWidth: 0 },
});
