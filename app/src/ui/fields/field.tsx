import { joinTyped, measuredIn, splitTyped, typedInOwn, unitsOf, type Quantity } from '@barythm/core/units';
import { useEffect, useId, useRef, useState, type ReactNode } from 'react';
import { StyleSheet, TextInput, View } from 'react-native';
import { useAbout } from '../pad/about';
import { usePad } from '../pad/figure-pad';
import { FIELD_MARK, goOn, keepInSight, WHOLE_MARK } from '../pad/next-field';
import { useReader } from '../reader';
import { FONT, RADIUS, SIZE, SPACE, textSize, TOUCH, usePalette } from '../theme';
import { Words } from '../words/words';
import { UnderField } from './under-field';

interface FieldProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly onBlur?: () => void;
  /** unit that stands beside it: a display's own, or one that is the same for everybody */
  readonly unit?: string;
  /** what it measures: then it is shown and typed in the reader's unit, or any other of this quantity */
  readonly quantity?: Quantity;
  /** limits and step, or whatever helps to type the right thing */
  readonly hint?: string;
  readonly error?: string | null;
  /** said over the pad, where the card says it under the field */
  readonly warning?: string | null;
  readonly testID?: string;
  /** words instead of a figure; a time of day */
  readonly words?: boolean;
  readonly time?: boolean;
  readonly lines?: number;
  readonly big?: boolean;
  /** records what is typed: on Enter, and by the pad's key */
  readonly onEnter?: () => void;
  /** records all that its card has so far, where the fields after this one may stay empty */
  readonly onRecord?: () => void;
  readonly trailing?: ReactNode;
  /** what stands there is nobody's answer yet */
  readonly offered?: boolean;
  /** typed here as soon as it is there, without a tap */
  readonly atOnce?: boolean;
}

/** A figure or a few words: label, large value, unit beside it, limits under it, and what is wrong in words. */
export function Field(props: FieldProps) {
  const { label, hint, error, words, time, lines = 1, big } = props;
  const palette = usePalette();
  const id = useId();
  const input = useRef<TextInput>(null);
  const [focused, setFocused] = useState(false);
  const { digits, unit, converted, units, write, setUnit } = useTyped(props);
  const pad = usePad({
    label,
    about: useAbout(),
    hint: hint ?? null,
    error: error ?? null,
    warning: props.warning ?? null,
    unit: unit ?? '',
    units,
    onUnit: setUnit,
    value: digits,
    onChange: write,
    onEnter: props.onEnter,
    onRecord: props.onRecord,
    time: time === true,
    enabled: !words,
  });
  const { atOnce } = props;
  useEffect(() => {
    if (atOnce) input.current?.focus();
  }, [atOnce]);
  // a warning that comes while one types must not come under the pad
  useEffect(() => {
    if (focused) keepInSight(input.current);
  }, [focused, error, hint, props.warning]);
  return (
    <View style={styles.field} {...WHOLE_MARK}>
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
            value={digits}
            onChangeText={write}
            ref={input}
            onFocus={() => {
              setFocused(true);
              pad.onFocus();
            }}
            onBlur={() => {
              setFocused(false);
              pad.onBlur();
              props.onBlur?.();
            }}
            inputMode={words || (time && pad.inputMode === 'decimal') ? 'text' : pad.inputMode}
            multiline={lines > 1}
            numberOfLines={lines}
            submitBehavior={lines > 1 ? 'newline' : 'submit'}
            onSubmitEditing={() => lines === 1 && goOn(props.onEnter)}
            autoCapitalize={words ? 'sentences' : 'none'}
            autoComplete="off"
            {...FIELD_MARK}
            style={[
              styles.input,
              { color: palette.ink, fontFamily: words ? FONT.text : FONT.figuresBold },
              { fontSize: textSize(words ? SIZE.body : big ? SIZE.figure : SIZE.title) },
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
      <UnderField
        error={error}
        hint={[converted && `= ${converted}`, hint].filter(Boolean).join('  ·  ')}
        offered={props.offered}
      />
    </View>
  );
}

/** The digits of a field, its unit, and how both are written. */
function useTyped({ value, unit, quantity, onChange }: FieldProps) {
  const reader = useReader();
  // a unit that was chosen before anything was typed
  const [chosen, setChosen] = useState<string | null>(null);
  if (quantity === undefined) {
    const measures = unit === undefined ? null : measuredIn(unit);
    const converted = measures ? typedInOwn(`${value} ${unit}`, measures, reader) : null;
    return { digits: value, unit, converted, units: [], write: onChange, setUnit: () => undefined };
  }
  const typed = splitTyped(value, quantity, reader.system);
  const shown = value === '' && chosen !== null ? chosen : typed.unit;
  return {
    digits: typed.digits,
    unit: shown,
    converted: typedInOwn(value, quantity, reader),
    units: unitsOf(quantity).length > 1 ? unitsOf(quantity) : [],
    write: (text: string) => onChange(joinTyped(text, shown, quantity)),
    setUnit: (next: string) => {
      setChosen(next);
      onChange(joinTyped(typed.digits, next, quantity));
    },
  };
}

const styles = StyleSheet.create({
  field: { gap: SPACE.xs },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: SPACE.s },
  box: {
    flex: 1,
    // with larger text, what stands behind the box goes under it
    minWidth: textSize(112),
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
