import { memo, useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useLibrary } from '../../../api/queries';
import { Card } from '../../../ui/card';
import { Choice } from '../../../ui/choice';
import { Field } from '../../../ui/field';
import { useWide } from '../../../ui/layout';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words';
import type { DutyDraft, DutyTexts } from './duty-texts';
import { inShort } from './duty-in-short';

interface DutyFormProps {
  readonly texts: DutyTexts;
  readonly errors: DutyDraft['errors'];
  readonly set: (field: keyof DutyTexts & string, text: string) => void;
}

const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
] as const;

/** What the process needs, broken into the order of work; each part folds to one line once it is right. */
export const DutyForm = memo(function DutyForm(props: DutyFormProps) {
  const { texts, set } = props;
  const flow = texts.source === 'flow';
  const wide = useWide();
  return (
    <Card title="Duty">
      <View style={wide ? styles.parts : styles.stack}>
        <Part name="signal" title="Signal" {...props} fields={['span', 'feed']}>
          <Choose
            {...props}
            field="mode"
            label="Mode"
            options={[
              { value: 'analog', label: 'Analog' },
              { value: 'manual', label: 'Manual' },
            ]}
          />
          <Choose
            {...props}
            field="source"
            label="The signal comes from a"
            options={[
              { value: 'flow', label: 'Flow transmitter' },
              { value: 'controller', label: 'Controller' },
            ]}
          />
          <Choose
            {...props}
            field="low"
            label="It sends"
            options={[
              { value: '4', label: '4–20 mA' },
              { value: '0', label: '0–20 mA' },
            ]}
            hint="With a live zero a broken wire shows."
          />
          {flow ? (
            <Figure {...props} field="span" label="Water flow at 20 mA (span)" unit="m³/h" />
          ) : (
            <ControllerFields {...props} />
          )}
        </Part>
        <Part name="water" title="Water flow" {...props} fields={['least', 'usual', 'greatest', 'hourly']}>
          <Figure {...props} field="least" label="Least dependable" unit="m³/h" />
          <Figure {...props} field="usual" label="Usual" unit="m³/h" />
          <Figure {...props} field="greatest" label="Greatest" unit="m³/h" />
          <Field
            words
            lines={2}
            label="Hour by hour, from 0:00 (24 figures)"
            testID="duty-hourly"
            value={texts.hourly}
            error={props.errors.hourly}
            hint="In m³/h, parted by spaces; leave empty if not known."
            onChange={(text) => set('hourly', text)}
          />
        </Part>
        <Part name="dose" title="Dose" {...props} fields={['wanted', 'doseLow', 'doseHigh']}>
          <Figure {...props} field="wanted" label="Wanted dose" unit="mg/L" />
          <View style={styles.pair}>
            <Figure {...props} field="doseLow" label="At least" unit="mg/L" />
            <Figure {...props} field="doseHigh" label="At most" unit="mg/L" />
          </View>
        </Part>
        <ProductPart {...props} />
        <Part
          name="pump"
          title="Pump and place"
          {...props}
          fields={['strokeVolume', 'atLength', 'suction', 'discharge']}
        >
          <Figure {...props} field="strokeVolume" label="Stroke volume at full length" unit="mL" />
          <Choose
            {...props}
            field="basis"
            label="Known from"
            options={[
              { value: 'plate', label: 'Plate' },
              { value: 'measured', label: 'Measurement' },
            ]}
            hint="A measured volume holds at the stroke length it was measured at."
          />
          {texts.basis === 'measured' && (
            <Figure {...props} field="atLength" label="Measured at a stroke length of" unit="%" />
          )}
          <Choose
            {...props}
            field="interlocked"
            label="Dosing stops by interlock when the water stops"
            options={YES_NO}
          />
          <View style={styles.pair}>
            <Figure {...props} field="suction" label="Suction head, if known" unit="m" />
            <Figure {...props} field="discharge" label="Discharge, if known" unit="bar" />
          </View>
        </Part>
        <Part name="choices" title="Where technicians disagree" {...props} fields={[]}>
          <Choose
            {...props}
            field="below"
            label="Below the first point"
            options={[
              { value: 'stop', label: 'Stop' },
              { value: 'hold', label: 'Hold' },
            ]}
            hint="Stop, for chemicals that harm when dosed at no flow."
          />
          <Choose
            {...props}
            field="power"
            label="After a power cut"
            options={[
              { value: 'wait', label: 'Wait' },
              { value: 'resume', label: 'Resume' },
            ]}
            hint="Wait where a chemical is dosed without interlock; resume where the water guards it."
          />
          <Choose
            {...props}
            field="stroke"
            label="Stroke length"
            options={[
              { value: 'long', label: 'Long' },
              { value: 'middle', label: 'Near 80 %' },
              { value: 'even', label: 'Short' },
            ]}
            hint="Long squeezes gas out; short doses more evenly."
          />
        </Part>
      </View>
    </Card>
  );
});

function ControllerFields(props: DutyFormProps) {
  return (
    <>
      <Choose
        {...props}
        field="measures"
        label="It controls"
        options={[
          { value: 'residual', label: 'Residual' },
          { value: 'pH', label: 'pH' },
          { value: 'redox', label: 'Redox' },
          { value: 'conductivity', label: 'Conductivity' },
        ]}
      />
      <Figure {...props} field="feed" label="Greatest useful feed" unit="L/h" />
      <Choose
        {...props}
        field="action"
        label="More feed at"
        options={[
          { value: 'rising', label: 'More current' },
          { value: 'falling', label: 'Less current' },
        ]}
      />
      <Choose
        {...props}
        field="lost"
        label="On a lost signal"
        options={[
          { value: 'stop', label: 'Stop' },
          { value: 'hold', label: 'Keep the rate' },
        ]}
      />
    </>
  );
}

function ProductPart(props: DutyFormProps) {
  const { texts, set } = props;
  const library = useLibrary();
  const products = library.data?.products ?? [];
  const pick = (id: string) => {
    const product = products.find((candidate) => candidate.id === id);
    if (!product) return;
    const { strength } = product;
    set('productId', id);
    set('productName', product.name);
    set('stated', strength.stated);
    set('strength', String(strength.stated === 'mass' ? strength.gpl : strength.percent));
    set('density', String(product.density_kgl));
    set('measuredOn', product.measuredOn ?? '');
    set('halfLife', product.halfLife_days === null ? '' : String(product.halfLife_days));
    set('gassing', product.gassing ? 'yes' : 'no');
    if (product.gassing) set('stroke', 'long');
  };
  return (
    <Part
      name="product"
      title="Product"
      {...props}
      fields={['productName', 'strength', 'density', 'measuredOn', 'halfLife']}
    >
      {products.length > 0 && (
        <Choice
          label="From the library"
          testID="duty-product"
          options={products.map(({ id, name }) => ({ value: id, label: name }))}
          value={texts.productId}
          onChange={pick}
        />
      )}
      <Field
        words
        label="Name"
        testID="duty-productName"
        value={texts.productName}
        error={props.errors.productName}
        onChange={(text) => set('productName', text)}
      />
      <Choose
        {...props}
        field="stated"
        label="Strength is stated in"
        options={[
          { value: 'weight', label: '% by weight' },
          { value: 'volume', label: '% by volume' },
          { value: 'mass', label: 'g/L' },
        ]}
        hint="Ask which: mixing up the two per cents is worth a fifth on hypochlorite. Trade per cent is by volume."
      />
      <View style={styles.pair}>
        <Figure {...props} field="strength" label="Strength" unit={texts.stated === 'mass' ? 'g/L' : '%'} />
        <Figure {...props} field="density" label="Density" unit="kg/L" />
      </View>
      <View style={styles.pair}>
        <View style={styles.cell}>
          <Field
            words
            label="Measured on"
            testID="duty-measuredOn"
            value={texts.measuredOn}
            error={props.errors.measuredOn}
            hint="2026-05-31; empty: from the label"
            onChange={(text) => set('measuredOn', text)}
          />
        </View>
        <Figure {...props} field="halfLife" label="Half-life, if it ages" unit="d" />
      </View>
      <Choose {...props} field="gassing" label="Gives off gas" options={YES_NO} />
    </Part>
  );
}

interface PartProps extends DutyFormProps {
  readonly name: string;
  readonly title: string;
  readonly fields: readonly (keyof DutyTexts & string)[];
  readonly children: ReactNode;
}

/** A part of the duty: one line when it is right, its fields when it is opened or something in it is wrong. */
function Part({ name, title, texts, errors, fields, children }: PartProps) {
  const wrong = fields.some((field) => errors[field]);
  const [open, setOpen] = useState(wrong);
  const shown = open || wrong;
  const palette = usePalette();
  const wide = useWide();
  return (
    <View
      testID={`duty-part-${name}`}
      style={[
        styles.part,
        wide && (shown ? styles.whole : styles.half),
        { borderColor: wrong ? palette.rust : palette.line },
      ]}
    >
      <Pressable
        role="button"
        aria-expanded={shown}
        aria-label={`${title}: ${shown ? 'fold' : 'change'}`}
        testID={`duty-open-${name}`}
        disabled={wrong}
        onPress={() => setOpen(!open)}
        style={styles.head}
      >
        <View style={styles.cell}>
          <Words bold colour={wrong ? 'rust' : 'ink'}>
            {title}
          </Words>
          {!shown && <Words>{inShort(name, texts)}</Words>}
        </View>
        {!wrong && (
          <Words bold colour="petrol">
            {open ? 'Fold' : 'Change'}
          </Words>
        )}
      </Pressable>
      {shown && children}
    </View>
  );
}

function Figure({
  texts,
  errors,
  set,
  field,
  label,
  unit,
}: DutyFormProps & { field: keyof DutyTexts & string; label: string; unit: string }) {
  return (
    <View style={styles.cell}>
      <Field
        label={label}
        unit={unit}
        testID={`duty-${field}`}
        value={texts[field]}
        error={errors[field]}
        onChange={(text) => set(field, text)}
      />
    </View>
  );
}

function Choose<T extends string>({
  texts,
  set,
  field,
  label,
  options,
  hint,
}: DutyFormProps & {
  field: keyof DutyTexts & string;
  label: string;
  options: readonly { readonly value: T; readonly label: string }[];
  hint?: string;
}) {
  return (
    <Choice
      label={label}
      testID={`duty-${field}`}
      options={options}
      value={texts[field] as T}
      hint={hint}
      onChange={(value) => set(field, value)}
    />
  );
}

const styles = StyleSheet.create({
  stack: { gap: SPACE.m },
  parts: { flexDirection: 'row', flexWrap: 'wrap', columnGap: SPACE.xl, rowGap: SPACE.s },
  half: { width: '47%', flexGrow: 1 },
  whole: { width: '100%' },
  part: { borderTopWidth: 1, paddingTop: SPACE.s, gap: SPACE.m },
  head: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'center',
    gap: SPACE.m,
    minHeight: TOUCH,
  },
  pair: { flexDirection: 'row', gap: SPACE.m, alignItems: 'flex-start' },
  cell: { flex: 1, minWidth: 0 },
});
