import { strokeFromFlow_mL } from '@barythm/core/dosing';
import { useState } from 'react';
import { useForm } from '../../../form/scope';
import { withText } from '@barythm/core/describe';
import { StyleSheet, View } from 'react-native';
import { Button, ButtonRow } from '../../../ui/button';
import { Field } from '../../../ui/fields/field';
import { SPACE } from '../../../ui/theme';
import { optionalFigure } from '../../../kit/value';

/** A plate that gives flow at a rate and no stroke volume: typed as it stands there, and worked out. */
export function RatedFlow() {
  const { texts, change } = useForm();
  const [open, setOpen] = useState(false);
  const [flow, setFlow] = useState('');
  const [rate, setRate] = useState('');
  if (!open) {
    return (
      <Button
        kind="quiet"
        label="The plate says L/h at a stroke rate"
        testID="stroke-from-flow"
        onPress={() => setOpen(true)}
      />
    );
  }
  const lph = optionalFigure(flow, 'pumpFlow');
  const spm = optionalFigure(rate, 'strokeRate');
  const rateError = spm.error ?? (spm.value !== null && spm.value <= 0 ? 'A rate is more than 0.' : null);
  const flowError = lph.error ?? (lph.value !== null && lph.value <= 0 ? 'A flow is more than 0.' : null);
  const ready = lph.value !== null && spm.value !== null && !rateError && !flowError;
  const take = () => {
    if (!ready) return;
    const stroke_mL = Number(strokeFromFlow_mL(lph.value, spm.value).toPrecision(4));
    change(withText(texts, 'strokeVolume.full_mL', String(stroke_mL)));
    setOpen(false);
  };
  return (
    <View style={styles.rated}>
      <View style={styles.pair}>
        <View style={styles.cell}>
          <Field
            label="Rated flow"
            quantity="pumpFlow"
            testID="rated-flow"
            value={flow}
            error={flowError}
            onChange={setFlow}
          />
        </View>
        <View style={styles.cell}>
          <Field
            label="At a rate of"
            quantity="strokeRate"
            testID="rated-rate"
            value={rate}
            error={rateError}
            onChange={setRate}
            onEnter={take}
          />
        </View>
      </View>
      <ButtonRow>
        <Button label="Take it as the stroke volume" testID="rated-take" disabled={!ready} onPress={take} />
        <Button kind="quiet" label="Not now" onPress={() => setOpen(false)} />
      </ButtonRow>
    </View>
  );
}

const styles = StyleSheet.create({
  rated: { gap: SPACE.s },
  pair: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start' },
  cell: { flex: 1, minWidth: 0 },
});
