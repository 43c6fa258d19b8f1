import { parameterAt } from '@barythm/core/profile';
import { keyOf, sameValue } from '@barythm/core/sheet';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../ui/button';
import { Card } from '../../../ui/card';
import { SPACE, usePalette } from '../../../ui/theme';
import { TriadName, TriadSign } from '../../../ui/triad';
import { Words } from '../../../ui/words';
import { ValueText } from '../value-text';
import type { PlanWork } from './use-plan';

/** The target settings, each beside what is there and with its reason. */
export function TargetList({ work, onReset }: { work: PlanWork; onReset: (() => void) | null }) {
  const palette = usePalette();
  return (
    <Card testID="targets">
      <View style={styles.head}>
        <TriadName column="target" />
        {onReset && <Button kind="quiet" label="As worked out" testID="reset-hand" onPress={onReset} />}
      </View>
      {work.targets.map((target) => {
        const parameter = parameterAt(work.context.profile, target.address);
        if (!parameter) return null;
        const before = work.before?.values[keyOf(target.address)];
        const same = before !== undefined && sameValue(before, target.value);
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
      {work.targets.length === 0 && (
        <Words>No setting of this pump can meet the duty; see the findings.</Words>
      )}
    </Card>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
  row: { borderTopWidth: 1, paddingTop: SPACE.s, gap: 2 },
  values: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m, flexWrap: 'wrap' },
  value: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs },
  grow: { flex: 1, minWidth: 100 },
});
