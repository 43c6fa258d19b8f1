import type { Quantity } from '@barythm/core/units';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useFold } from '../../../form/fold';
import { Choice } from '../../../ui/fields/choice';
import { Field } from '../../../ui/fields/field';
import { useWide } from '../../../ui/screen/layout';
import { useReader } from '../../../ui/reader';
import { SPACE, TOUCH, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';
import { inShort } from './duty-in-short';
import type { DutyTexts } from './duty-texts';
import { NEEDED, type DutyDraft } from './read-duty';

export interface DutyFormProps {
  readonly texts: DutyTexts;
  readonly errors: DutyDraft['errors'];
  /** somebody asked what is missing: until then an empty field is no mistake */
  readonly tried: boolean;
  readonly set: (field: keyof DutyTexts & string, text: string) => void;
}

export const YES_NO = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
] as const;

interface PartProps extends DutyFormProps {
  readonly name: string;
  readonly title: string;
  readonly fields: readonly (keyof DutyTexts & string)[];
  readonly children: ReactNode;
}

/** A part of the duty: one line when it is right, its fields when it is opened or something in it is wrong. */
export function Part({ name, title, texts, errors, tried, fields, children }: PartProps) {
  const wrong = fields.some((field) => errors[field]);
  const told = fields.some((field) => errors[field] && (tried || errors[field] !== NEEDED));
  const [shown, toggle] = useFold(wrong);
  const palette = usePalette();
  const wide = useWide();
  const reader = useReader();
  return (
    <View
      testID={`duty-part-${name}`}
      style={[
        styles.part,
        wide && (shown ? styles.whole : styles.half),
        { borderColor: told ? palette.rust : palette.line },
      ]}
    >
      <Pressable
        role="button"
        aria-expanded={shown}
        aria-label={`${title}: ${shown ? 'fold' : 'change'}`}
        testID={`duty-open-${name}`}
        disabled={wrong}
        onPress={toggle}
        style={styles.head}
      >
        <View style={styles.cell}>
          <Words bold colour={told ? 'rust' : 'ink'}>
            {title}
          </Words>
          {!shown && <Words>{inShort(name, texts, reader)}</Words>}
        </View>
        {!wrong && (
          <Words bold colour="petrol">
            {shown ? 'Fold' : 'Change'}
          </Words>
        )}
      </Pressable>
      {shown && children}
    </View>
  );
}

/** Two fields side by side. */
export function Pair({ children }: { children: ReactNode }) {
  return <View style={styles.pair}>{children}</View>;
}

/** One of a pair. */
export function Cell({ children }: { children: ReactNode }) {
  return <View style={styles.cell}>{children}</View>;
}

export function Figure({
  texts,
  errors,
  tried,
  set,
  field,
  label,
  unit,
  quantity,
  hint,
}: DutyFormProps & {
  field: keyof DutyTexts & string;
  label: string;
  unit?: string;
  quantity?: Quantity;
  hint?: string;
}) {
  const missing = errors[field] === NEEDED;
  return (
    <View style={styles.cell}>
      <Field
        label={label}
        unit={unit}
        quantity={quantity}
        testID={`duty-${field}`}
        value={texts[field]}
        error={missing && !tried ? null : errors[field]}
        hint={missing && !tried ? ['Needed', hint].filter(Boolean).join('  ·  ') : hint}
        onChange={(text) => set(field, text)}
      />
    </View>
  );
}

export function Choose<T extends string>({
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
