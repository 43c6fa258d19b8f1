import { Line, Rect } from 'react-native-svg';
import type { ReactNode } from 'react';
import { usePalette } from '../ui/theme';

interface WantedBandProps {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** height of the dotted line in the band: the wanted value, or the mean */
  readonly middle: number;
  /** axes, drawn over the band and under its line */
  readonly children: ReactNode;
}

/** The band in which a figure is right, never thinner than a hair, with the line it should keep to. */
export function WantedBand({ left, right, top, bottom, middle, children }: WantedBandProps) {
  const palette = usePalette();
  return (
    <>
      <Rect
        x={left}
        y={top}
        width={right - left}
        height={Math.max(1, bottom - top)}
        fill={palette.moss}
        opacity={0.16}
      />
      {children}
      <Line
        x1={left}
        x2={right}
        y1={middle}
        y2={middle}
        stroke={palette.moss}
        strokeWidth={1.5}
        strokeDasharray="2 4"
      />
    </>
  );
}
