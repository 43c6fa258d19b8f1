import type { AnyProfile } from '@barythm/core/families';
import type { SheetRow } from '@barythm/core/sheet';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Card } from '../../../ui/card';
import { Field } from '../../../ui/fields/field';
import { useWide } from '../../../ui/screen/layout';
import { SPACE } from '../../../ui/theme';
import { ChoicesPart } from './duty-choices';
import { Figure, Pair, Part, type DutyFormProps } from './duty-fields';
import { PumpPart, StockPart, WetEndPart } from './duty-place';
import { ProductPart } from './duty-product';
import { SignalPart } from './duty-signal';

interface Props extends DutyFormProps {
  readonly profile: AnyProfile;
  readonly rows: readonly SheetRow[];
}

/** What the process needs, broken into the order of work; each part folds to one line once it is right. */
export const DutyForm = memo(function DutyForm({ profile, rows, ...props }: Props) {
  const { texts, errors, set } = props;
  const wide = useWide();
  return (
    <Card title="Duty">
      <View style={wide ? styles.parts : styles.stack}>
        <SignalPart {...props} profile={profile} rows={rows} />
        <Part name="water" title="Water flow" {...props} fields={['least', 'usual', 'greatest', 'hourly']}>
          <Figure {...props} field="least" label="Least" quantity="waterFlow" />
          <Figure {...props} field="usual" label="Usual" quantity="waterFlow" />
          <Figure {...props} field="greatest" label="Greatest" quantity="waterFlow" />
          <Field
            words
            lines={2}
            label="Hour by hour, from 0:00 (24 figures)"
            testID="duty-hourly"
            value={texts.hourly}
            error={errors.hourly}
            hint="In m³/h, or with a unit at the end, such as gpm. Spaces between; leave empty if not known."
            onChange={(text) => set('hourly', text)}
          />
        </Part>
        <Part name="dose" title="Dose" {...props} fields={['wanted', 'doseLow', 'doseHigh']}>
          <Figure {...props} field="wanted" label="Wanted dose" unit="mg/L" />
          <Pair>
            <Figure {...props} field="doseLow" label="At least" unit="mg/L" />
            <Figure {...props} field="doseHigh" label="At most" unit="mg/L" />
          </Pair>
        </Part>
        <ProductPart {...props} />
        <PumpPart {...props} />
        <WetEndPart {...props} />
        <StockPart {...props} />
        <ChoicesPart {...props} />
      </View>
    </Card>
  );
});

const styles = StyleSheet.create({
  stack: { gap: SPACE.m },
  parts: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.xl, rowGap: SPACE.s },
});
