import { useId, useRef, useState, type ReactNode } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import { fig, figureWithUnit, METRIC, parseFigure, type Quantity, type Reader } from '@barythm/core/units';
import { usePad } from './figure-pad';
import { useReader } from './reader';
import { FONT, RADIUS, SIZE, SPACE, TOUCH, usePalette } from './theme';
import { Words } from './words';

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onBlur?: () => void;
  readonly unit?: string;
  /** limits and step, or whatever helps to type the right thing */
  readonly hint?: string;
  readonly error?: string | null;
  /** the value in other units, small beside it */
  readonly converted?: string | null;
  readonly testID?: string;
  /** words instead of a figure */
  readonly words?: boolean;
  readonly lines?: number;
  readonly big?: boolean;
  readonly trailing?: ReactNode;
}

/** A figure or a few words: label, large value, unit beside it, limits under it, and what is wrong in words. */
export function Field(props: FieldProps) {
  const { label, value, onChange, unit, hint, error, words, lines = 1, big } = props;
  const reader = useReader();
  const converted = props.converted ?? inOtherUnits(value, unit, reader);
  const palette = usePalette();
  const id = useId();
  const input = useRef<TextInput>(null);
  const [focused, setFocused] = useState(false);
  const pad = usePad({ label, unit: unit ?? '', value, onChange, enabled: !words });
  return (
    <View style={styles.field}>
      <Words size="small" bold nativeID={`${id}-label`}>
        {label}
      </Words>
      <View style={styles.row}>
        <View
          style={[
            styles.box,
            { borderColor: error ? palette.rust : palette.edge, backgroundColor: palette.surface },
            focused && { borderColor: palette.petrol, boxShadow: `0 0 0 2px ${palette.petrol}` },
            error ? styles.wrong : null,
          ]}
        >
          <TextInput
            testID={props.testID}
            aria-label={unit && unit !== '-' ? `${label}, ${unit}` : label}
            aria-invalid={Boolean(error)}
            value={value}
            onChangeText={onChange}
            ref={input}
            onFocus={() => {
              setFocused(true);
              pad.onFocus();
              keepInSight(input.current);
            }}
            onBlur={() => {
              setFocused(false);
              pad.onBlur();
              props.onBlur?.();
            }}
            inputMode={words ? 'text' : pad.inputMode}
            multiline={lines > 1}
            numberOfLines={lines}
            autoCapitalize={words ? 'sentences' : 'none'}
            autoComplete="off"
            style={[
              styles.input,
              { color: palette.ink, fontFamily: words ? FONT.text : FONT.figuresBold },
              { fontSize: words ? SIZE.body : big ? SIZE.figure : SIZE.title },
              lines > 1 && { minHeight: lines * 24 + 16 },
            ]}
          />
          {unit && unit !== '-' ? (
            <Words colour="quiet" style={styles.unit}>
              {unit}
            </Words>
          ) : null}
        </View>
        {props.trailing}
      </View>
      {error ? (
        <Words size="small" colour="rust" bold role="alert">
          {error}
        </Words>
      ) : null}
      {hint || converted ? (
        <Words size="small" colour="quiet">
          {[converted, hint].filter(Boolean).join('  ·  ')}
        </Words>
      ) : null}
    </View>
  );
}

/** What a shown unit measures, where US units write it otherwise. */
const QUANTITY: Readonly<Record<string, Quantity>> = {
  'm³/h': 'waterFlow',
  'L/h': 'pumpFlow',
  L: 'volume',
  bar: 'pressure',
  'g/L': 'strength',
  'kg/L': 'density',
  m: 'length',
};

/** The figure in the other system, for a reader who wants it; what is typed stays as it is typed. */
function inOtherUnits(value: string, unit: string | undefined, reader: Reader): string | null {
  const quantity = unit === undefined ? undefined : QUANTITY[unit];
  const other = reader.system === 'us' ? 'us' : reader.also;
  if (!quantity || !other) return null;
  const parsed = parseFigure(value, quantity);
  return parsed.ok ? `= ${figureWithUnit(fig(quantity, parsed.value), { ...METRIC, system: other })}` : null;
}

/** The pad takes the lower third of the screen when it opens; the field that it writes to must not be under it. */
function keepInSight(input: TextInput | null): void {
  const element = input as unknown as { scrollIntoView?: (options: object) => void } | null;
  if (!element?.scrollIntoView) return;
  requestAnimationFrame(() => requestAnimationFrame(() => element.scrollIntoView?.({ block: 'nearest' })));
}

const styles = StyleSheet.create({
  field: { gap: SPACE.xs },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  box: {
    flex: 1,
    minWidth: 0,
    flexDirection: 'row',
    alignItems: 'center',
    borderWidth: 1.5,
    borderRadius: RADIUS.control,
    minHeight: TOUCH,
  },
  wrong: { borderWidth: 2 },
  // the box around it shows the focus
  input: {
    flex: 1,
    minWidth: 0,
    paddingHorizontal: SPACE.m,
    paddingVertical: SPACE.s,
    outlineStyle: 'none',
  } as object,
  unit: { paddingRight: SPACE.m },
});
