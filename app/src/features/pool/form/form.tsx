import { createContext, useContext, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { Check, Choice } from '../../../ui/choice';
import { DaysPick } from '../../../ui/days-pick';
import { Field } from '../../../ui/field';
import { SPACE, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words';
import { textAt, withText, type PathErrors, type Texts } from './tree';

interface FormScope {
  readonly texts: Texts;
  readonly errors: PathErrors;
  readonly change: (texts: Texts) => void;
}

const FormContext = createContext<FormScope | null>(null);
export const FormProvider = FormContext.Provider;

function useForm(): FormScope {
  const scope = useContext(FormContext);
  if (!scope) throw new Error('A field stands outside of its form.');
  return scope;
}

/** Text and setter of a path. */
function useText(path: string): readonly [string, (text: string) => void, string | undefined] {
  const { texts, errors, change } = useForm();
  const text = textAt(texts, path);
  return [typeof text === 'string' ? text : '', (next) => change(withText(texts, path, next)), errors[path]];
}

interface TextProps {
  readonly path: string;
  readonly label: string;
  readonly unit?: string;
  readonly hint?: string;
  /** letters and not figures */
  readonly words?: boolean;
}

export function TextField({ path, label, unit, hint, words }: TextProps) {
  const [text, set, error] = useText(path);
  return (
    <Field
      words={words}
      label={label}
      unit={unit}
      hint={hint}
      testID={`duty-${path}`}
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
  const [text, set, error] = useText(path);
  return (
    <Choice
      label={label}
      hint={hint}
      testID={`duty-${path}`}
      options={options}
      value={(text as T) || null}
      error={error}
      onChange={set}
    />
  );
}

export function CheckField({ path, label }: { path: string; label: string }) {
  const [text, set] = useText(path);
  return (
    <Check
      label={label}
      testID={`duty-${path}`}
      checked={text === 'yes'}
      onChange={(checked) => set(checked ? 'yes' : 'no')}
    />
  );
}

export function DaysField({ path, label }: { path: string; label: string }) {
  const [text, set, error] = useText(path);
  return <DaysPick label={label} testID={`duty-${path}`} days={text} error={error} onChange={set} />;
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
  const { texts, errors, change } = useForm();
  const palette = usePalette();
  const rows = (textAt(texts, path) ?? []) as readonly Texts[];
  return (
    <View style={styles.rows}>
      {rows.map((_, i) => (
        <View key={i} style={[styles.one, { borderColor: palette.line }]} testID={`duty-${path}.${i}`}>
          {children(`${path}.${i}`, i)}
          {rows.length > least && (
            <Button
              kind="quiet"
              label="Take it away"
              testID={`duty-${path}.${i}-remove`}
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
        testID={`duty-${path}-add`}
        onPress={() => change(withText(texts, path, [...rows, blank]))}
      />
    </View>
  );
}

/** A part of the duty: folded to one line until it is opened, or while something in it is wrong. */
export function DutyPart({
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
  const [open, setOpen] = useState(false);
  const own = Object.keys(errors).filter((path) =>
    paths.some((start) => path === start || path.startsWith(`${start}.`)),
  );
  const wrong = own.length > 0 || Boolean(extra);
  const shown = open || wrong;
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
          <Button
            kind="quiet"
            label={shown ? 'Fold' : 'Change'}
            testID={`${testID}-open`}
            onPress={() => setOpen(!open)}
          />
        )}
      </View>
      {shown && children}
    </Card>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.s },
  grow: { flex: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  cell: { flexGrow: 1, flexBasis: '40%', minWidth: 130 },
  rows: { gap: SPACE.m },
  one: { borderTopWidth: 1, paddingTop: SPACE.m, gap: SPACE.m },
});
