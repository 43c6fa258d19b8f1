import { doseTool } from '@barythm/core/tools';
import { fig, figureNumber, figureWithUnit, METRIC, type Quantity } from '@barythm/core/units';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { Field } from '../../ui/field';
import { Screen } from '../../ui/screen';
import { SPACE } from '../../ui/theme';
import { Words } from '../../ui/words';
import { useToolForm } from './use-tool-form';

const QUANTITIES: Record<string, Quantity | null> = {
  water_m3h: 'waterFlow',
  dose_mgl: 'dose',
  weight_pct: 'percent',
  density_kgl: 'density',
  age_days: 'days',
  half_life_days: 'days',
};
const INITIAL = {
  water_m3h: '36',
  dose_mgl: '1.8',
  weight_pct: '12.5',
  density_kgl: '1.21',
  age_days: '0',
  half_life_days: '90',
};

/** Water, dose and product → pump flow. */
export function DoseToolScreen() {
  const form = useToolForm(doseTool, QUANTITIES, INITIAL);
  const field = (name: string, label: string, unit: string) => (
    <View style={styles.cell}>
      <Field
        label={label}
        unit={unit}
        value={form.texts[name] ?? ''}
        error={form.errors[name]}
        onChange={(text) => form.set(name, text)}
        testID={`tool-${name}`}
      />
    </View>
  );
  return (
    <Screen title={doseTool.name} over="Tools">
      <Card>
        <Words size="small" colour="quiet">
          The pump must give
        </Words>
        <Words figures bold size="hero" testID="tool-result">
          {form.result ? figureNumber(fig('pumpFlow', form.result.pump_lph), METRIC) : '–'}
          <Words size="large" colour="quiet">
            {' '}
            L/h
          </Words>
        </Words>
        {form.result && (
          <Words>
            With {figureWithUnit(fig('strength', form.result.aged_gl), METRIC)} left of{' '}
            {figureWithUnit(fig('strength', form.result.strength_gl), METRIC)}.
          </Words>
        )}
      </Card>
      <Card title="Water and dose">
        <View style={styles.pair}>
          {field('water_m3h', 'Water flow', 'm³/h')}
          {field('dose_mgl', 'Dose', 'mg/L')}
        </View>
      </Card>
      <Card title="Product">
        <View style={styles.pair}>
          {field('weight_pct', 'Strength by weight', '%')}
          {field('density_kgl', 'Density', 'kg/L')}
        </View>
        <View style={styles.pair}>
          {field('age_days', 'Age', 'd')}
          {field('half_life_days', 'Half-life', 'd')}
        </View>
        <Words size="small" colour="quiet">
          Trade per cent is grams in 100 mL: enter it with a density of 1. Arithmetic on your own figures, no
          dosing advice.
        </Words>
      </Card>
    </Screen>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', gap: SPACE.m },
  cell: { flex: 1, minWidth: 0 },
});
