import type { Frame } from '@barythm/core/chart';
import { G, Line, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from '../ui/theme';

/** Both axes of a chart with ticks, figures and titled units. */
export function Axes({ frame }: { frame: Frame }) {
  const palette = usePalette();
  const { box, x, y } = frame;
  const bottom = box.height - box.bottom;
  const right = box.width - box.right;
  return (
    <G>
      {y.ticks.map((tick) => (
        <G key={`y${tick.label}`}>
          <Line x1={box.left} x2={right} y1={tick.at} y2={tick.at} stroke={palette.line} strokeWidth={1} />
          <SvgText
            x={box.left - 6}
            y={tick.at + 4}
            fontSize={13}
            fontFamily={FONT.figures}
            fill={palette.quiet}
            textAnchor="end"
          >
            {tick.label}
          </SvgText>
        </G>
      ))}
      <Line x1={box.left} x2={right} y1={bottom} y2={bottom} stroke={palette.edge} strokeWidth={1.5} />
      {x.ticks.map((tick) => (
        <G key={`x${tick.label}`}>
          <Line
            x1={tick.at}
            x2={tick.at}
            y1={bottom}
            y2={bottom + 5}
            stroke={palette.edge}
            strokeWidth={1.5}
          />
          <SvgText
            x={tick.at}
            y={bottom + 19}
            fontSize={13}
            fontFamily={FONT.figures}
            fill={palette.quiet}
            textAnchor="middle"
          >
            {tick.label}
          </SvgText>
        </G>
      ))}
      <SvgText
        x={(box.left + right) / 2}
        y={box.height - 6}
        fontSize={13}
        fontFamily={FONT.text}
        fill={palette.ink}
        textAnchor="middle"
      >
        {x.title}
      </SvgText>
      <SvgText x={4} y={14} fontSize={13} fontFamily={FONT.text} fill={palette.ink}>
        {y.title}
      </SvgText>
    </G>
  );
}
