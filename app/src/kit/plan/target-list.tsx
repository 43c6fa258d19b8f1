import type { PlannedTarget } from '@barythm/core/job';
import { parameterAt, type SettingValues } from '@barythm/core/profile';
import type { AnyProfile } from '@barythm/core/families';
import { keyOf, sameValue } from '@barythm/core/sheet';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { counted } from '@barythm/core/words';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { SPACE, textSize, usePalette } from '../../ui/theme';
import { TriadName, TriadSign } from '../../ui/words/triad';
import { Words } from '../../ui/words/words';
import { ValueText } from '../value';

interface TargetListProps {
  readonly profile: AnyProfile;
  readonly targets: readonly PlannedTarget[];
  /** what is believed to be in the controller */
  readonly before: SettingValues | null;
  readonly onReset: (() => void) | null;
}

/** A list longer than this shows what changes first. */
const LONG_LIST = 20;

/** The target settings, each beside what is there and with its reason; of a long list what changes. */
export function TargetList({ profile, targets, before: held, onReset }: TargetListProps) {
  const palette = usePalette();
  const stays = (target: PlannedTarget) => {
    const before = held?.[keyOf(target.address)];
    return before !== undefined && sameValue(before, target.value);
  };
  const [all, setAll] = useState(false);
  const folded = !all && targets.length > LONG_LIST;
  const shown = folded ? targets.filter((target) => !stays(target)) : targets;
  return (
    <Card testID="targets">
      <View style={styles.head}>
        <TriadName column="target" />
        {onReset && <Button kind="quiet" label="As worked out" testID="reset-hand" onPress={onReset} />}
      </View>
      {shown.map((target) => {
        const parameter = parameterAt(profile, target.address);
        if (!parameter) return null;
        const before = held?.[keyOf(target.address)];
        const same = stays(target);
        return (
          <View
            key={target.address}
            style={[styles.row, { borderColor: palette.line }]}
            testID={`target-${parameter.key}`}
          >
            <View style={styles.values}>
              <Words style={styles.grow}>{parameter.label}</Words>
              {before !== undefined && !same && (
                <View style={styles.value}>
                  <TriadSign column="found" />
                  <ValueText parameter={parameter} value={before} colour="slate" />
                </View>
              )}
              <View style={styles.value}>
                <TriadSign column="target" />
                <ValueText
                  bold
                  size="title"
                  colour={same ? 'quiet' : 'petrol'}
                  parameter={parameter}
                  value={target.value}
                />
              </View>
            </View>
            <Words size="small" colour="quiet">
              {same ? 'As it is. ' : ''}
              {target.reason}
            </Words>
          </View>
        );
      })}
      {folded && shown.length < targets.length && (
        <Button
          kind="quiet"
          label={counted(targets.length - shown.length, 'more stays as it is', 'more stay as they are')}
          testID="targets-all"
          onPress={() => setAll(true)}
        />
      )}
      {targets.length === 0 && <Words>No setting of this pump can meet the duty; see the findings.</Words>}
    </Card>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
  row: { borderTopWidth: 1, paddingTop: SPACE.s, gap: 2 },
  values: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m, flexWrap: 'wrap' },
  value: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs },
  grow: { flex: 1, minWidth: textSize(100) },
});
