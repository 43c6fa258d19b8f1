import type { DrawnLine, SignalChart } from '@barythm/core/chart';
import type { ReactNode } from 'react';
import Svg, { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette, type Palette } from '../ui/theme';
import { COLUMN_COLOUR, COLUMN_NAME } from '../ui/words/triad';
import { Axes } from './axes';
import { ColumnMark } from './column-mark';

interface SignalChartViewProps {
  readonly chart: SignalChart;
  /** grips laid over the points, where they can be moved */
  readonly children?: ReactNode;
}

/** Stroke rate over signal: lines, whole-stroke steps, dead zone, points and readings. */
export function SignalChartView({ chart, children }: SignalChartViewProps) {
  const palette = usePalette();
  const { box } = chart.frame;
  const bottom = box.height - box.bottom;
  return (
    <Svg
      width={box.width}
      height={box.height}
      role="img"
      aria-label={`Stroke rate over signal. ${chart.text}`}
    >
      {chart.dead && (
        <Rect
          x={chart.dead.from}
          y={box.top}
          width={chart.dead.to - chart.dead.from}
          height={bottom - box.top}
          fill={palette.line}
          opacity={0.35}
        />
      )}
      <Axes frame={chart.frame} />
      {chart.lines.map((line) => (
        <DrawLine key={line.column} line={line} palette={palette} />
      ))}
      {chart.readings.map((reading, i) => (
        <Path
          key={i}
          d={`M${reading.x - 6} ${reading.y}h12M${reading.x} ${reading.y - 6}v12`}
          stroke={reading.ok ? palette.moss : palette.rust}
          strokeWidth={3}
        />
      ))}
      {children}
    </Svg>
  );
}

function DrawLine({ line, palette }: { line: DrawnLine; palette: Palette }) {
  const colour = palette[COLUMN_COLOUR[line.column]];
  const found = line.column === 'found';
  const up = line.column === 'target';
  return (
    <G>
      <Path d={line.steps} stroke={colour} strokeWidth={1} opacity={0.55} fill="none" />
      <Path
        d={line.path}
        stroke={colour}
        strokeWidth={up ? 2.5 : 2}
        strokeDasharray={found ? '6 4' : undefined}
        fill="none"
      />
      {line.points.map((point, i) => (
        <ColumnMark key={i} column={line.column} at={point} />
      ))}
      <SvgText
        x={line.label.x + (found ? -10 : 10)}
        y={line.label.y + (found ? -8 : 20)}
        fontSize={13}
        fontFamily={FONT.bold}
        fill={colour}
        textAnchor={found ? 'end' : 'start'}
      >
        {COLUMN_NAME[line.column]}
      </SvgText>
    </G>
  );
}
