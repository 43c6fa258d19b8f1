import type { TargetLine } from '@barythm/core/job';
import {
  addressOf,
  applies,
  isSettable,
  isThere,
  type Parameter,
  type SettingValues,
} from '@barythm/core/profile';
import { keyOf } from '@barythm/core/sheet';
import { counted } from '@barythm/core/words';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Card } from '../../ui/card';
import { Field } from '../../ui/fields/field';
import { SPACE, TOUCH, usePalette } from '../../ui/theme';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';
import { ValueText } from '../value';
import { TargetChoice } from './target-choice';

interface OtherSettingsProps {
  readonly title?: string;
  /** settings that have a target already: they are changed there */
  readonly listed: readonly TargetLine[];
  /** what the controller holds, as far as is known */
  readonly before: SettingValues | null;
  /** what it would hold */
  readonly values: SettingValues;
  /** a target was chosen, or none after all */
  readonly onChosen?: () => void;
}

/** Every setting that can be set and has no target yet, found by a word or in its menu: language and display as well as what a plan knows. */
export function OtherSettings({
  title = 'Other settings',
  listed,
  before,
  values,
  onChosen,
}: OtherSettingsProps) {
  const { view } = useJobScope();
  const palette = usePalette();
  const [word, setWord] = useState('');
  const [menu, setMenu] = useState<string | null>(null);
  const [open, setOpen] = useState<string | null>(null);
  if (view.document.handover) return null;
  const known = new Set(listed.map(({ address }) => address));
  const others = view.parameters.filter(
    (one) => isSettable(one) && !known.has(addressOf(one)) && isThere(view.profile, one, values),
  );
  if (others.length === 0) return null;
  const words = word.toLowerCase().split(/\s+/).filter(Boolean);
  const found =
    words.length === 0
      ? []
      : others.filter(({ label, key }) =>
          words.every((one) => `${label} ${key}`.toLowerCase().includes(one)),
        );
  const row = (parameter: Parameter) =>
    open === parameter.key ? (
      <TargetChoice
        key={parameter.key}
        parameter={parameter}
        line={null}
        before={before?.[keyOf(addressOf(parameter))]}
        values={values}
        onDone={() => {
          setOpen(null);
          setWord('');
          onChosen?.();
        }}
      />
    ) : (
      <Pressable
        key={parameter.key}
        role="button"
        testID={`other-${parameter.key}`}
        onPress={() => setOpen(parameter.key)}
        style={[styles.row, { borderColor: palette.line }]}
      >
        <View style={styles.grow}>
          <Words>{parameter.label}</Words>
          {!applies(parameter, values) && (
            <Words size="small" colour="quiet">
              not used in this mode
            </Words>
          )}
        </View>
        <ValueText parameter={parameter} value={before?.[parameter.key]} colour="quiet" missing="unknown" />
      </Pressable>
    );
  return (
    <Card title={title} testID="other-settings">
      <Field
        words
        label="Find a setting by its name"
        testID="find-setting"
        value={word}
        onChange={(text) => {
          setWord(text);
          setOpen(null);
        }}
      />
      {words.length > 0 && found.length === 0 && <Words>No setting of this controller is called that.</Words>}
      {found.slice(0, MOST_FOUND).map(row)}
      {found.length > MOST_FOUND && (
        <Words colour="quiet">
          {counted(found.length - MOST_FOUND, 'more setting')}: type more of the name.
        </Words>
      )}
      {words.length === 0 &&
        view.profile.groups.map(({ key, label }) => {
          const own = others.filter(({ group }) => group === key);
          if (own.length === 0) return null;
          return (
            <View key={key} style={[styles.menu, { borderColor: palette.line }]}>
              <Pressable
                role="button"
                aria-expanded={menu === key}
                testID={`other-menu-${key}`}
                onPress={() => setMenu(menu === key ? null : key)}
                style={styles.head}
              >
                <Words bold style={styles.grow}>
                  {label}
                </Words>
                <Words size="small" colour="quiet">
                  {counted(own.length, 'setting')}
                </Words>
              </Pressable>
              {menu === key && own.map(row)}
            </View>
          );
        })}
    </Card>
  );
}

/** More of them than this are no answer to a search. */
const MOST_FOUND = 12;

const styles = StyleSheet.create({
  row: {
    minHeight: TOUCH,
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: SPACE.s,
    borderTopWidth: 1,
  },
  menu: { borderTopWidth: 1 },
  head: { minHeight: TOUCH, flexDirection: 'row', alignItems: 'center', gap: SPACE.m },
  grow: { flex: 1 },
});
