import { addressOf, type Parameter } from '@barythm/core/profile';
import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Field } from '../../../ui/fields/field';
import { SPACE } from '../../../ui/theme';
import { limitsInWords } from '../../../features/library/limits-in-words';
import { parseFigureFor } from '../../../features/job/value/parameter-quantity';
import { taken, type PointParameters } from './signal-card';
import type { ByHand } from '../../../features/job/plan/use-planned';
import type { PlanWork } from './use-plan';

interface PointFieldsProps {
  readonly work: PlanWork;
  readonly points: readonly PointParameters[];
  readonly byHand: ByHand;
  readonly onMove: (byHand: ByHand) => void;
}

/** Both points as figures: what can be dragged can be typed. */
export function PointFields({ work, points, byHand, onMove }: PointFieldsProps) {
  return (
    <View style={styles.points}>
      {points.map(({ x, y }) => (
        <View key={x.key} style={styles.pair}>
          {[x, y].map((parameter) => (
            <View key={parameter.key} style={styles.cell}>
              <PointField
                parameter={parameter}
                work={work}
                onValue={(value) => onMove({ ...byHand, [addressOf(parameter)]: value })}
              />
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}

function PointField({
  parameter,
  work,
  onValue,
}: {
  parameter: Parameter;
  work: PlanWork;
  onValue: (value: number) => void;
}) {
  const [typing, setTyping] = useState<string | null>(null);
  const value = work.values[parameter.key];
  // what stood there before typing began: a text that cannot be taken must not leave half of itself in the plan
  const before = useRef<number | null>(null);
  const parsed = typing === null ? null : parseFigureFor(parameter, typing);
  const fits = parsed?.ok ? taken(work, parameter, parsed.value) === parsed.value : true;
  const error =
    parsed === null
      ? null
      : !parsed.ok
        ? parsed.words
        : fits
          ? null
          : `This controller takes ${limitsInWords(parameter, work.values)}.`;
  return (
    <Field
      label={parameter.label}
      unit={parameter.unit}
      testID={`point-${parameter.key}`}
      value={typing ?? String(value ?? '')}
      error={error}
      onBlur={() => setTyping(null)}
      onChange={(text) => {
        if (typing === null) before.current = typeof value === 'number' ? value : null;
        setTyping(text);
        const next = parseFigureFor(parameter, text);
        if (next.ok && taken(work, parameter, next.value) === next.value) onValue(next.value);
        else if (before.current !== null) onValue(before.current);
      }}
    />
  );
}

const styles = StyleSheet.create({
  points: { gap: SPACE.m },
  pair: { flexDirection: 'row', gap: SPACE.m },
  cell: { flex: 1, minWidth: 0 },
});
