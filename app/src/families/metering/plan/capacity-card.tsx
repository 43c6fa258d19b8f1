import { memo } from 'react';
import {
  capacityLadder,
  compensationLimit_bar,
  gasInHead,
  headAtSuction,
  gasCures,
  suctionCures,
  type CapacityRung,
  type Cure,
} from '@barythm/core/families/metering';
import { fig, figureWithUnit } from '@barythm/core/units';
import { useReader } from '../../../ui/reader';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { PlanWork } from './use-plan';

const RUNGS: Record<CapacityRung['rung'], string> = {
  rated: 'Rated',
  gear: 'Gear and limits',
  length: 'Stroke length',
  suction: 'Slow suction',
  pressure: 'At maximum pressure',
  needed: 'Needed at most',
};

/** The capacity ladder: what is left of the rated flow, rung by rung, against what is needed. */
export const CapacityCard = memo(function CapacityCard({ work }: { work: PlanWork }) {
  const reader = useReader();
  const palette = usePalette();
  const rungs = capacityLadder(work.context, work.settings);
  const most = Math.max(...rungs.map((rung) => rung.flow_lph));
  const left = rungs[rungs.length - 2].flow_lph;
  return (
    <Card title="Capacity" testID="capacity-card">
      {rungs.map(({ rung, flow_lph }) => {
        const needed = rung === 'needed';
        const enough = flow_lph <= left;
        return (
          <View key={rung} style={styles.rung}>
            <View style={styles.names}>
              <Words bold={needed}>{RUNGS[rung]}</Words>
              <Words figures bold colour={needed ? (enough ? 'moss' : 'rust') : 'ink'}>
                {figureWithUnit(fig('pumpFlow', flow_lph), reader)}
              </Words>
            </View>
            <View style={[styles.track, { backgroundColor: palette.line }]}>
              <View
                style={[
                  styles.bar,
                  {
                    width: `${Math.min(100, (100 * flow_lph) / most)}%`,
                    backgroundColor: needed ? (enough ? palette.moss : palette.rust) : palette.petrol,
                  },
                ]}
              />
            </View>
          </View>
        );
      })}
    </Card>
  );
});

/** Ways out of a short suction or a gas lock, the most useful first, with what each would bring. */
export const CuresCard = memo(function CuresCard({ work }: { work: PlanWork }) {
  const reader = useReader();
  const { context, settings } = work;
  const head = headAtSuction(context, settings);
  const squeeze = gasInHead(context, settings);
  const limit = compensationLimit_bar(context, settings);
  const short = head !== null && head.available_m < head.wanted_m;
  const suction = short ? suctionCures(context, settings) : [];
  const gas = gasCures(context, settings);
  if (!head && !squeeze && limit === null) return null;
  return (
    <Card title="Suction, head and pressure" testID="cures-card">
      {head && (
        <Line
          words="At the suction valve, with 1 m to spare"
          figure={`${figureWithUnit(fig('length', head.available_m), reader)}; ${figureWithUnit(fig('length', head.wanted_m), reader)} needed`}
          good={!short}
        />
      )}
      {squeeze && (
        <Line
          words="Squeezing gas against the discharge, absolute"
          figure={`${figureWithUnit(fig('pressure', squeeze.reach_bar), reader)}; ${figureWithUnit(fig('pressure', squeeze.discharge_bar), reader)} needed`}
          good={squeeze.clears}
        />
      )}
      {limit !== null && (
        <Line
          words="Compensation keeps the flow up to"
          figure={limit === Infinity ? 'the rated pressure' : figureWithUnit(fig('pressure', limit), reader)}
          good={limit >= (context.duty.pressure?.greatest_bar ?? 0)}
        />
      )}
      {(suction.length > 0 || gas.length > 0) && <Words bold>Cures, the most useful first</Words>}
      {suction.length > 0 && <CureList title="Head at the suction valve" cures={suction} />}
      {gas.length > 0 && <CureList title="Squeezing gas out of the head, absolute" cures={gas} />}
    </Card>
  );
});

function Line({ words, figure, good }: { words: string; figure: string; good: boolean }) {
  return (
    <View style={styles.names}>
      <Words size="small" style={styles.grow}>
        {words}
      </Words>
      <Words figures bold colour={good ? 'moss' : 'rust'}>
        {figure}
      </Words>
    </View>
  );
}

function CureList({ title, cures }: { title: string; cures: readonly Cure[] }) {
  const reader = useReader();
  const palette = usePalette();
  return (
    <View>
      <Words size="small" colour="quiet">
        {title}
      </Words>
      {cures.map((cure) => (
        <View key={cure.words} style={[styles.cure, { borderColor: palette.line }]}>
          <View style={styles.grow}>
            <Words bold>{cure.words}</Words>
            {cure.cost && (
              <Words size="small" colour="quiet">
                {cure.cost}
              </Words>
            )}
          </View>
          <View style={styles.right}>
            <Words figures bold>
              {figureWithUnit(cure.brings, reader)}
            </Words>
            <Words size="small" bold colour={cure.enough ? 'moss' : 'ochre'}>
              {cure.enough ? 'enough' : 'not enough'}
            </Words>
          </View>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  rung: { gap: 2 },
  names: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.m },
  track: { height: 10, borderRadius: 5 },
  bar: { height: 10, borderRadius: 5 },
  cure: { flexDirection: 'row', gap: SPACE.m, borderTopWidth: 1, paddingVertical: SPACE.s },
  grow: { flex: 1 },
  right: { alignItems: 'flex-end' },
});
