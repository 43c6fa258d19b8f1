import { isJudged, type Judge, type TargetLine } from '@barythm/core/job';
import { parameterAt, type SettingValues } from '@barythm/core/profile';
import { keyOf, sameValue } from '@barythm/core/sheet';
import { useMemo, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { counted } from '@barythm/core/words';
import { Button } from '../../ui/button';
import { Card } from '../../ui/card';
import { SPACE, textSize, TOUCH, usePalette } from '../../ui/theme';
import { TriadName, TriadSign } from '../../ui/words/triad';
import { Words } from '../../ui/words/words';
import { useJobScope } from '../job';
import { ValueText } from '../value';
import { TargetChoice } from './target-choice';

interface TargetListProps {
  readonly lines: readonly TargetLine[];
  /** what is believed to be in the controller */
  readonly before: SettingValues | null;
  /** what it would hold */
  readonly values: SettingValues;
  /** the findings on them; null without a duty */
  readonly judge: Judge | null;
  /** settings that are held against limits of their own, asked beside them */
  readonly guarded?: ReadonlySet<string>;
  /** said where there is no target */
  readonly none: string;
  readonly onReset?: (() => void) | null;
}

/** A list longer than this shows what changes first. */
const LONG_LIST = 20;

/**
 * The target settings, each beside what is there and with its reason; of a long list what changes. A tap opens one where it stands: by
 * hand, left as found, or the plan's again.
 */
export function TargetList({ lines, before: held, values, judge, guarded, none, onReset }: TargetListProps) {
  const { view } = useJobScope();
  const [all, setAll] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  const byHand = lines.filter(({ by }) => by === 'hand').map(({ address }) => address);
  // asked once for each that is by hand, and not for each move of it: what judges a setting does not hang on where it stands
  const unjudged = useMemo(
    () =>
      new Set(
        byHand.filter((address) => {
          const parameter = parameterAt(view.profile, address);
          return parameter !== undefined && !isJudged(parameter, values, judge);
        }),
      ),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the values move with every frame of a drag
    [view.profile, byHand.join(), judge === null],
  );
  const folded = !all && lines.length > LONG_LIST;
  const shown = folded ? lines.filter((line) => line.by !== 'plan' || !stays(line, held)) : lines;
  return (
    <Card testID="targets">
      <View style={styles.head}>
        <TriadName column="target" />
        {onReset && <Button kind="quiet" label="As calculated" testID="reset-hand" onPress={onReset} />}
      </View>
      {shown.map((line) => {
        const parameter = parameterAt(view.profile, line.address);
        if (!parameter) return null;
        const before = held?.[keyOf(line.address)];
        if (line.address === open)
          return (
            <TargetChoice
              key={line.address}
              parameter={parameter}
              line={line}
              before={before}
              values={values}
              onDone={() => setOpen(null)}
            />
          );
        return (
          <TargetRow
            key={line.address}
            line={line}
            before={before}
            unjudged={unjudged.has(line.address) && !guarded?.has(line.address)}
            onOpen={view.document.handover ? null : () => setOpen(line.address)}
          />
        );
      })}
      {folded && shown.length < lines.length && (
        <Button
          kind="quiet"
          label={counted(lines.length - shown.length, 'more stays as it is', 'more stay as they are')}
          testID="targets-all"
          onPress={() => setAll(true)}
        />
      )}
      {lines.length === 0 && <Words>{none}</Words>}
    </Card>
  );
}

function stays({ address, value }: TargetLine, held: SettingValues | null): boolean {
  const before = held?.[keyOf(address)];
  return before !== undefined && sameValue(before, value);
}

interface TargetRowProps {
  readonly line: TargetLine;
  readonly before: SettingValues[string];
  /** no check says anything about its value */
  readonly unjudged: boolean;
  readonly onOpen: (() => void) | null;
}

function TargetRow({ line, before, unjudged, onOpen }: TargetRowProps) {
  const { view } = useJobScope();
  const palette = usePalette();
  const parameter = parameterAt(view.profile, line.address)!;
  const same = before !== undefined && sameValue(before, line.value);
  return (
    <Pressable
      role="button"
      aria-label={`${parameter.label}: change its target`}
      disabled={onOpen === null}
      onPress={onOpen ?? undefined}
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
        {line.value !== null && (
          <View style={styles.value}>
            <TriadSign column="target" />
            <ValueText
              bold
              size="title"
              colour={same ? 'quiet' : 'petrol'}
              parameter={parameter}
              value={line.value}
            />
          </View>
        )}
      </View>
      <View style={styles.why}>
        <Words
          size="small"
          bold={line.by !== 'plan'}
          colour={line.by === 'plan' ? 'quiet' : 'ochre'}
          style={styles.grow}
          testID={`target-why-${parameter.key}`}
        >
          {same && line.by === 'plan' ? 'As it is. ' : ''}
          {line.reason}
          {unjudged && ' Judged by no check.'}
        </Words>
        {onOpen && (
          <Words size="small" bold colour="petrol">
            Change
          </Words>
        )}
      </View>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
  row: { borderTopWidth: 1, paddingTop: SPACE.s, gap: 2, minHeight: TOUCH },
  values: { flexDirection: 'row', alignItems: 'center', gap: SPACE.m, flexWrap: 'wrap' },
  why: { flexDirection: 'row', gap: SPACE.s, alignItems: 'flex-end' },
  value: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs },
  grow: { flex: 1, minWidth: textSize(100) },
});
