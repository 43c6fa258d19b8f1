import { addressOf } from '@barythm/core/profile';
import { StyleSheet, View } from 'react-native';
import { TargetField, type MoveByHand } from '../../../kit/plan';
import { SPACE, textSize } from '../../../ui/theme';
import type { PointParameters } from './point-parameters';
import type { PlanWork } from './use-plan';

interface PointFieldsProps {
  readonly work: PlanWork;
  readonly points: readonly PointParameters[];
  readonly onMove: MoveByHand;
}

/** Both points as figures: what can be dragged can be typed. */
export function PointFields({ work, points, onMove }: PointFieldsProps) {
  return (
    <View style={styles.points}>
      {points.map(({ x, y }) => (
        <View key={x.key} style={styles.pair}>
          {[x, y].map((parameter) => (
            <View key={parameter.key} style={styles.cell}>
              <TargetField
                parameter={parameter}
                values={work.values}
                onValue={(value) => onMove((now) => ({ ...now, [addressOf(parameter)]: value }))}
              />
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  points: { gap: SPACE.m },
  pair: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.m },
  cell: { flex: 1, minWidth: textSize(130) },
});
