import { StyleSheet, View } from 'react-native';
import Svg, { Circle, Polygon } from 'react-native-svg';
import { SPACE, usePalette, type Colour } from '../theme';
import { Words } from './words';

export type Column = 'found' | 'target' | 'left';

export const COLUMN_NAME: Record<Column, string> = { found: 'As found', target: 'Target', left: 'As left' };
export const COLUMN_COLOUR: Record<Column, Colour> = { found: 'slate', target: 'petrol', left: 'plum' };

/** The sign of a column: hollow ring, upright diamond, filled disc. */
export function TriadSign({ column, size = 14 }: { column: Column; size?: number }) {
  const colour = usePalette()[COLUMN_COLOUR[column]];
  return (
    <Svg width={size} height={size} viewBox="0 0 14 14" aria-hidden>
      {column === 'found' && <Circle cx={7} cy={7} r={5} stroke={colour} strokeWidth={2} fill="none" />}
      {column === 'target' && (
        <Polygon points="7,0.8 12.6,7 7,13.2 1.4,7" stroke={colour} strokeWidth={2} fill="none" />
      )}
      {column === 'left' && <Circle cx={7} cy={7} r={6} fill={colour} />}
    </Svg>
  );
}

/** Sign and word together. */
export function TriadName({ column }: { column: Column }) {
  return (
    <View style={styles.row}>
      <TriadSign column={column} />
      <Words bold size="small" colour={COLUMN_COLOUR[column]}>
        {COLUMN_NAME[column]}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.xs } });
