import type { Quantity } from '@barythm/core/units';
import { createContext, useContext, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../ui/button';
import { Card } from '../ui/card';
import { Check, Choice } from '../ui/fields/choice';
import { DaysPick } from '../ui/fields/days-pick';
import { Field } from '../ui/fields/field';
import { SPACE, usePalette } from '../ui/theme';
import { Words } from '../ui/words/words';
import { useFold } from './fold';
import { textAt, withText, type PathErrors, type Texts } from './tree';

interface FormScope {
  readonly texts: Texts;
  readonly errors: PathErrors;
  readonly change: (texts: Texts) => void;
  /** what the test ids of its fields begin with */
  readonly name: string;
  /** somebody asked what is missing: until then an empty field is no mistake */
  readonly tried?: boolean;
}

const FormContext = createContext<FormScope | null>(null);
export const FormProvider = FormContext.Provider;

function useForm(): FormScope {
  const scope = useContext(FormContext);
  if (!scope) throw new Error('A field stands outside of its form.');
  return scope;
}

/** Text of a path, its setter, what is wrong with it, and its test id. */
function useText(path: string): readonly [string, (text: string) => void, string | undefined, string] {
  const { texts, errors, change, name, tried = true } = useForm();
  const text = textAt(texts, path);
  const blank = typeof text !== 'string' || text.trim() === '';
  return [
    typeof text === 'string' ? text : '',
    (next) => change(withText(texts, path, next)),
    blank && !tried ? undefined : errors[path],
    `${name}-${path}`,
  ];
}

interface TextProps {
  readonly path: string;
  readonly label: string;
  readonly unit?: string;
  /** what it measures, where it can be typed in other units too */
  readonly quantity?: Quantity;
  readonly hint?: string;
  /** letters and not figures */
  readonly words?: boolean;
}

export function TextField({ path, label, unit, quantity, hint, words }: TextProps) {
  const [text, set, error, testID] = useText(path);
  return (
    <Field
      words={words}
      label={label}
      unit={unit}
      quantity={quantity}
      hint={hint}
      testID={testID}
      value={text}
      error={error}
      onChange={set}
    />
  );
}

export function ChoiceField<T extends string>({
  path,
  label,
  options,
  hint,
}: {
  path: string;
  label: string;
  options: readonly { readonly value: T; readonly label: string }[];
  hint?: string;
}) {
  const [text, set, error, testID] = useText(path);
  return (
    <Choice
      label={label}
      hint={hint}
      testID={testID}
      options={options}
      value={(text as T) || null}
      error={error}
      onChange={set}
    />
  );
}

export function CheckField({ path, label }: { path: string; label: string }) {
  const [text, set, , testID] = useText(path);
  return (
    <Check
      label={label}
      testID={testID}
      checked={text === 'yes'}
      onChange={(checked) => set(checked ? 'yes' : 'no')}
    />
  );
}

/** Several of a few words, each ticked by itself. What is no longer offered goes with the next tick. */
export function SetField<T extends string>({
  path,
  label,
  options,
  by = ',',
}: {
  path: string;
  label: string;
  /** what stands between two of them in the text: a line end where they are names */
  by?: ',' | '\n';
  options: readonly { readonly value: T; readonly label: string }[];
}) {
  const [text, set, error, testID] = useText(path);
  const chosen = text.split(by).filter(Boolean);
  return (
    <View role="group" aria-label={label} style={styles.set}>
      <Words size="small" bold>
        {label}
      </Words>
      {options.map(({ value, label: words }) => (
        <Check
          key={value}
          label={words}
          testID={`${testID}-${value}`}
          checked={chosen.includes(value)}
          onChange={(on) =>
            set(
              options
                .filter((other) => (other.value === value ? on : chosen.includes(other.value)))
                .map((other) => other.value)
                .join(by),
            )
          }
        />
      ))}
      {error && (
        <Words size="small" bold colour="rust" role="alert">
          {error}
        </Words>
      )}
    </View>
  );
}

export function DaysField({ path, label }: { path: string; label: string }) {
  const [text, set, error, testID] = useText(path);
  return <DaysPick label={label} testID={testID} days={text} error={error} onChange={set} />;
}

/** Fields side by side where there is room. */
export function FieldRow({ children }: { children: ReactNode }) {
  return <View style={styles.row}>{children}</View>;
}
export function Cell({ children }: { children: ReactNode }) {
  return <View style={styles.cell}>{children}</View>;
}

/** A list of alike things, each with its own fields; one can be added and taken away. */
export function RowsField({
  path,
  add,
  blank,
  least = 0,
  children,
}: {
  path: string;
  add: string;
  blank: Texts;
  /** fewer than this cannot be left */
  least?: number;
  children: (path: string, index: number) => ReactNode;
}) {
  const { texts, errors, change, name } = useForm();
  const palette = usePalette();
  const rows = (textAt(texts, path) ?? []) as readonly Texts[];
  return (
    <View style={styles.rows}>
      {rows.map((_, i) => (
        <View key={i} style={[styles.one, { borderColor: palette.line }]} testID={`${name}-${path}.${i}`}>
          {children(`${path}.${i}`, i)}
          {rows.length > least && (
            <Button
              kind="quiet"
              label="Remove"
              testID={`${name}-${path}.${i}-remove`}
              onPress={() =>
                change(
                  withText(
                    texts,
                    path,
                    rows.filter((__, k) => k !== i),
                  ),
                )
              }
            />
          )}
        </View>
      ))}
      {errors[path] && (
        <Words bold colour="rust" role="alert">
          {errors[path]}
        </Words>
      )}
      <Button
        label={add}
        testID={`${name}-${path}-add`}
        onPress={() => change(withText(texts, path, [...rows, blank]))}
      />
    </View>
  );
}

/** A part of a long form: folded to one line until it is opened by hand or something in it is wrong; from then on it stays open until it is folded by hand, so no field leaves under the typing. */
export function FormPart({
  title,
  summary,
  paths,
  testID,
  extra,
  children,
}: {
  title: string;
  summary: string;
  /** beginnings of the paths in this part */
  paths: readonly string[];
  testID: string;
  /** what a computation found wrong in it */
  extra?: string | null;
  children: ReactNode;
}) {
  const { errors } = useForm();
  const own = Object.keys(errors).filter((path) =>
    paths.some((start) => path === start || path.startsWith(`${start}.`)),
  );
  const wrong = own.length > 0 || Boolean(extra);
  const [open, toggle] = useFold(wrong);
  return (
    <Card title={title} edge={wrong ? 'ochre' : undefined} testID={testID}>
      {extra && (
        <Words bold colour="rust" role="alert">
          {extra}
        </Words>
      )}
      <View style={styles.head}>
        <Words style={styles.grow}>{summary}</Words>
        {!wrong && (
          <Button kind="quiet" label={open ? 'Fold' : 'Change'} testID={`${testID}-open`} onPress={toggle} />
        )}
      </View>
      {open && children}
    </Card>
  );
}

const styles = StyleSheet.create({
  set: { gap: SPACE.xs },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flex: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  cell: { flexGrow: 1, flexBasis: '40%', minWidth: 130 },
  rows: { gap: SPACE.m },
  one: { borderTopWidth: 1, paddingTop: SPACE.m, gap: SPACE.m },
});
