import { entryWaySchema } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, ButtonRow } from '../../ui/button';
import { Card } from '../../ui/card';
import { Check, Choice } from '../../ui/fields/choice';
import { Field } from '../../ui/fields/field';
import { SPACE, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { rolesOfFamily } from '@barythm/core/families';
import type { ProfileErrors } from '../../families/family-screens';
import { BLANK_PARAMETER, type ParameterTexts } from './parameter-texts';

interface ParametersCardProps {
  readonly family: AnyProfile['family'];
  readonly parameters: readonly ParameterTexts[];
  readonly errors: ProfileErrors;
  readonly onChange: (parameters: readonly ParameterTexts[]) => void;
}

/** The controller's parameters, each opened to its own form. */
export function ParametersCard({ family, parameters, errors, onChange }: ParametersCardProps) {
  const palette = usePalette();
  const [open, setOpen] = useState<number | null>(null);
  const put = (i: number, texts: ParameterTexts) =>
    onChange(parameters.map((old, k) => (k === i ? texts : old)));
  const move = (i: number, by: -1 | 1) => {
    const next = [...parameters];
    [next[i], next[i + by]] = [next[i + by], next[i]];
    onChange(next);
    setOpen(i + by);
  };
  return (
    <Card title="Parameters, in the order of work" testID="p-parameters">
      {errors.parameters && (
        <Words bold colour="rust">
          {errors.parameters}
        </Words>
      )}
      {parameters.map((texts, i) => {
        const own = Object.entries(errors).filter(([place]) => place.startsWith(`parameters.${i}.`));
        return (
          <View key={i} style={[styles.one, { borderColor: own.length > 0 ? palette.rust : palette.line }]}>
            <View style={styles.head}>
              <View style={styles.grow}>
                <Words bold colour={own.length > 0 ? 'rust' : 'ink'}>
                  {texts.label || 'No label yet'}
                </Words>
                <Words size="small" colour="quiet">
                  {texts.role || 'recorded only'}
                  {own.length > 0 ? ` · ${own.length} to put right` : ''}
                </Words>
              </View>
              <Button
                kind="quiet"
                label={open === i ? 'Fold' : 'Change'}
                testID={`p-open-${i}`}
                onPress={() => setOpen(open === i ? null : i)}
              />
            </View>
            {open === i && (
              <>
                <ParameterForm
                  family={family}
                  texts={texts}
                  error={(field) => errors[`parameters.${i}.${field}`]}
                  onChange={(next) => put(i, next)}
                />
                <ButtonRow>
                  <Button label="Earlier" disabled={i === 0} onPress={() => move(i, -1)} />
                  <Button label="Later" disabled={i === parameters.length - 1} onPress={() => move(i, 1)} />
                  <Button
                    kind="danger"
                    label="Remove"
                    onPress={() => {
                      onChange(parameters.filter((_, k) => k !== i));
                      setOpen(null);
                    }}
                  />
                </ButtonRow>
              </>
            )}
          </View>
        );
      })}
      <Button
        label="Add a parameter"
        testID="p-add"
        onPress={() => {
          onChange([...parameters, BLANK_PARAMETER]);
          setOpen(parameters.length);
        }}
      />
    </Card>
  );
}

const CHANGED_BY = [
  { value: 'anyone', label: 'Anyone' },
  { value: 'technician', label: 'Technician' },
  { value: 'maker', label: 'Maker' },
] as const;
const ENTER_WHEN = [
  { value: 'any', label: 'Any time' },
  { value: 'stopped', label: 'Stopped' },
  { value: 'waiting', label: 'Waiting' },
  { value: 'running', label: 'Running' },
  { value: 'isolated', label: 'Isolated' },
  { value: 'power-up', label: 'Just after power-up' },
] as const;
const ENTRY = entryWaySchema.options.map((value) => ({ value, label: value.replaceAll('-', ' ') }));
function rolesOf(family: AnyProfile['family']) {
  return [
    { value: '', label: 'recorded only' },
    ...rolesOfFamily(family).map((value) => ({ value, label: value })),
  ];
}

function ParameterForm({
  family,
  texts,
  error,
  onChange,
}: {
  family: AnyProfile['family'];
  texts: ParameterTexts;
  error: (field: keyof ParameterTexts) => string | undefined;
  onChange: (texts: ParameterTexts) => void;
}) {
  const field = (
    name: keyof ParameterTexts & string,
    label: string,
    more: { hint?: string; lines?: number; unit?: string } = {},
  ) => (
    <Field
      words
      label={label}
      testID={`p-param-${name}`}
      // a draft that was kept before a place was there has none for it
      value={(texts[name] as string | undefined) ?? ''}
      error={error(name)}
      onChange={(text) => onChange({ ...texts, [name]: text })}
      {...more}
    />
  );
  const choose = <T extends string>(
    name: keyof ParameterTexts & string,
    label: string,
    options: readonly { readonly value: T; readonly label: string }[],
  ) => (
    <Choice
      label={label}
      testID={`p-param-${name}`}
      options={options}
      value={texts[name] as T}
      error={error(name)}
      onChange={(value) => onChange({ ...texts, [name]: value })}
    />
  );
  return (
    <View style={styles.form}>
      {field('label', 'Label, as the controller shows it')}
      {field('key', 'Key', { hint: 'A short name without spaces' })}
      {field('group', 'Group', { hint: 'One of the keys above' })}
      {choose('role', 'What it means', rolesOf(family))}
      {choose('type', 'Kind', [
        { value: 'number', label: 'A figure' },
        { value: 'choice', label: 'A choice' },
        { value: 'time', label: 'A time of day' },
        { value: 'days', label: 'Days of the week' },
      ])}
      {texts.type === 'number' || texts.type === 'time' ? (
        <>
          {field('unit', 'Unit', { hint: '“-” for none' })}
          {field('least', 'Minimum')}
          {field('greatest', 'Maximum', { hint: 'A figure, or by gear: A=48, B=96' })}
          {field('step', 'Step')}
        </>
      ) : (
        field('options', 'Choices', { lines: 4, hint: 'A line each: value | label | meaning' })
      )}
      {field('default', 'Default')}
      {choose('changedBy', 'Changed by', CHANGED_BY)}
      {choose('enterWhen', 'Entered while', ENTER_WHEN)}
      {choose('entry', 'How it is entered', ENTRY)}
      {field('storedBy', 'What stores it')}
      {field('route', 'Keys from the home display', {
        lines: 4,
        hint: 'A line each: key | short, hold or turn | times, or place | shows',
      })}
      {field('appliesWhen', 'Applies when', { hint: 'e.g. mode: ext; empty: always' })}
      {field('rewrites', 'A change puts back', { hint: 'Keys, with commas; empty: nothing' })}
      {field('caution', 'Caution')}
      <Check
        label="Needs a restart"
        checked={texts.needsRestart}
        onChange={(needsRestart) => onChange({ ...texts, needsRestart })}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  one: { borderTopWidth: 1, paddingTop: SPACE.s, gap: SPACE.m },
  head: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1 },
  form: { gap: SPACE.m },
});
