import type { Box } from '@barythm/core/chart';
import { useMemo, useState } from 'react';
import type { LayoutChangeEvent } from 'react-native';

/** A chart's box as wide as there is room, with margins for axes that are read at arm's length. */
export function useChartBox(height: number): { box: Box; onLayout: (event: LayoutChangeEvent) => void } {
  const [width, setWidth] = useState(340);
  const box = useMemo(() => ({ width, height, left: 48, right: 14, top: 26, bottom: 44 }), [width, height]);
  return { box, onLayout: (event) => setWidth(Math.max(240, Math.round(event.nativeEvent.layout.width))) };
}
