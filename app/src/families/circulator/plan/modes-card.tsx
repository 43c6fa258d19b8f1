import { capital } from '@barythm/core/words';
import { MODE_WORDS, plannedMode, proposedMode, type Mode } from '@barythm/core/families/circulator';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import type { CirculatorWork } from './circulator-work';

/** Each mode that the controller has, set so that it just carries the duty: what it takes in a year, the one planned, and why. */
export function ModesCard({ work, onChoose }: { work: CirculatorWork; onChoose: (mode: Mode) => void }) {
  const palette = usePalette();
  const { context, modes } = work;
  const { currency, price_kWh } = context.duty;
  const planned = plannedMode(context);
  const proposed = proposedMode(context);
  const most = Math.max(1e-9, ...modes.map(({ energy_kWh }) => energy_kWh[1]));
  return (
    <Card title="What each mode takes in a year" testID="modes">
      {modes.map(({ mode, energy_kWh: [least, greatest] }) => (
        <View key={mode} style={styles.mode} testID={`mode-${mode}`}>
          <View style={styles.head}>
            <View style={styles.grow}>
              <Words bold={mode === planned}>
                {capital(MODE_WORDS[mode])}
                {mode === proposed ? ', proposed' : ''}
              </Words>
            </View>
            <Words figures bold>
              {least === greatest
                ? `${greatest.toFixed(0)} kWh`
                : `${least.toFixed(0)} to ${greatest.toFixed(0)} kWh`}
            </Words>
          </View>
          <View style={[styles.track, { backgroundColor: palette.line }]}>
            <View
              style={[
                styles.bar,
                {
                  width: `${(greatest / most) * 100}%`,
                  backgroundColor: mode === planned ? palette.petrol : palette.edge,
                },
              ]}
            />
          </View>
          <Words size="small" colour="quiet">
            {(least * price_kWh).toFixed(0)}
            {least === greatest ? '' : ` to ${(greatest * price_kWh).toFixed(0)}`} {currency} a year
            {mode === 'self' ? ', by where it settles' : ''}
            {mode === 'temperature' ? ', by how long it stands' : ''}
          </Words>
          {mode === planned ? (
            <Words size="small" bold colour="petrol">
              Planned
            </Words>
          ) : (
            <Button
              kind="quiet"
              label={`Plan ${MODE_WORDS[mode]}`}
              testID={`mode-choose-${mode}`}
              onPress={() => onChoose(mode)}
            />
          )}
        </View>
      ))}
      <Words size="small" colour="quiet">
        Each is set so that it just carries the duty. Worked out from curve, powers and hours; not measured.
      </Words>
    </Card>
  );
}

const styles = StyleSheet.create({
  mode: { gap: SPACE.xs },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1, minWidth: 0 },
  track: { height: 10, borderRadius: 3, overflow: 'hidden' },
  bar: { height: 10 },
});
