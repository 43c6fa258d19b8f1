import { capital } from '@barythm/core/words';
import {
  proposedWay,
  secondJoins,
  twinGain,
  TWIN_WAYS,
  WAY_WORDS,
  type TwinWay,
} from '@barythm/core/families/circulator';
import { SEASON } from '@barythm/core/hydraulics';
import { fig, figureWithUnit, type Quantity } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { useReader } from '../../../ui/reader';
import { SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { CirculatorWork } from './circulator-work';

/** The two heads of a twin: what the second really adds, who runs when, and another way by a tap. */
export function TwinCard({ work, onChoose }: { work: CirculatorWork; onChoose: (way: TwinWay) => void }) {
  const reader = useReader();
  const { duty } = work.context;
  const { one_m3h, two_m3h, gain } = twinGain(duty);
  const say = (q: Quantity, value: number) => figureWithUnit(fig(q, value), reader);
  const planned = work.settings.twin.way;
  const proposed = proposedWay(duty);
  return (
    <Card title="The two heads" testID="twin-card">
      <Words size="large" figures bold testID="twin-gain">
        {`+ ${(gain * 100).toFixed(0)} %`}
      </Words>
      <Words>
        is what the second really adds: {say('waterFlow', one_m3h)} with one, {say('waterFlow', two_m3h)} with
        both, at full speed with every valve open.
      </Words>
      {planned && <Lanes work={work} way={planned} />}
      {TWIN_WAYS.map((way) => (
        <View key={way} style={styles.way} testID={`twin-${way}`}>
          <Words bold={way === planned}>
            {capital(WAY_WORDS[way])}
            {way === proposed ? ', proposed' : ''}
          </Words>
          {way === planned ? (
            <Words size="small" bold colour="petrol">
              Planned
            </Words>
          ) : (
            <Button
              kind="quiet"
              label={`Plan: ${WAY_WORDS[way]}`}
              testID={`twin-choose-${way}`}
              onPress={() => onChoose(way)}
            />
          )}
        </View>
      ))}
    </Card>
  );
}

const TURNS = 6;

/** Who runs: over the loads of a season, from mild to cold, or turn by turn. */
function Lanes({ work, way }: { work: CirculatorWork; way: TwinWay }) {
  const palette = usePalette();
  const { pump, lines, settings } = work;
  const bySeason = way === 'on-demand';
  const parts = bySeason
    ? [...SEASON].reverse().map(({ flow, hours }) => {
        const joins = lines.target !== null && secondJoins(pump, lines.target, flow * pump.flow_m3h);
        return { share: hours, name: `${flow * 100} %`, runs: [true, joins] };
      })
    : Array.from({ length: TURNS }, (_, i) => ({
        share: 1 / TURNS,
        name: way === 'alternate' ? `${(i + 1) * (settings.twin.hours_h ?? 24)} h` : '',
        runs: way === 'alternate' ? [i % 2 === 0, i % 2 === 1] : [true, way === 'always'],
      }));
  const joins = parts.filter(({ runs }) => runs[1]).reduce((sum, { share }) => sum + share, 0);
  const said = bySeason
    ? `By the hours of a season, from a mild day to the coldest: both run in ${(joins * 100).toFixed(0)} % of them.`
    : `${capital(WAY_WORDS[way])}.`;
  return (
    <View role="img" aria-label={said} testID="twin-lanes">
      {[0, 1].map((head) => (
        <View key={head} style={styles.lane}>
          <View style={styles.name}>
            <Words size="small">Head {head + 1}</Words>
          </View>
          {parts.map(({ share, runs }, i) => (
            <View
              key={i}
              style={[
                styles.part,
                {
                  flex: share,
                  borderColor: palette.edge,
                  backgroundColor: runs[head] ? palette.petrol : palette.surface,
                },
              ]}
            />
          ))}
        </View>
      ))}
      {bySeason && (
        <View style={styles.lane}>
          <View style={styles.name}>
            <Words size="small" colour="quiet">
              Flow
            </Words>
          </View>
          {parts.map(({ share, name }) => (
            <View key={name} style={{ flex: share }}>
              <Words size="small" colour="quiet">
                {share > WIDE_ENOUGH ? name : ''}
              </Words>
            </View>
          ))}
        </View>
      )}
      <Words size="small" colour="quiet">
        {said}
      </Words>
    </View>
  );
}
/** Narrower parts of the season have no room for their name. */
const WIDE_ENOUGH = 0.1;

const styles = StyleSheet.create({
  way: { gap: SPACE.xs },
  lane: { flexDirection: 'row', alignItems: 'center' },
  name: { width: 64 },
  part: { height: 22, borderWidth: 1 },
});
