import type { Dot } from '@barythm/core/chart';
import { Circle, Polygon } from 'react-native-svg';
import { usePalette } from '../ui/theme';
import { COLUMN_COLOUR, type Column } from '../ui/words/triad';

/** A point of a column's line: hollow ring, upright diamond, filled disc. */
export function ColumnMark({ column, at: { x, y } }: { column: Column; at: Dot }) {
  const palette = usePalette();
  const colour = palette[COLUMN_COLOUR[column]];
  switch (column) {
    case 'found':
      return <Circle cx={x} cy={y} r={5} stroke={colour} strokeWidth={2} fill={palette.surface} />;
    case 'left':
      return <Circle cx={x} cy={y} r={5.5} fill={colour} />;
    case 'target':
      return (
        <Polygon
          points={`${x},${y - 9} ${x + 8},${y} ${x},${y + 9} ${x - 8},${y}`}
          stroke={colour}
          strokeWidth={2.5}
          fill={palette.surface}
        />
      );
  }
}
