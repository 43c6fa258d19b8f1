import type { LoadBars } from '@barythm/core/chart';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from '../ui/theme';
import { Axes } from './axes';

/** A letter of this size takes about so much room. */
const LETTER_px = 7.2;

/** The current on each phase against its breaker; what it is made of stands in each segment that has room for it. */
export function LoadBarsView({ chart, text }: { chart: LoadBars; text: string }) {
  const palette = usePalette();
  const { box } = chart.frame;
  return (
    <Svg width={box.width} height={box.height} role="img" aria-label={text}>
      <Axes frame={chart.frame} />
      {chart.bars.map(({ phase, y, height, segments, over, end, sum_A }) => (
        <G key={phase}>
          {chart.bars.length > 1 && (
            <SvgText
              x={box.left - 8}
              y={y + height / 2 + 5}
              fontSize={13}
              fontFamily={FONT.bold}
              fill={palette.ink}
              textAnchor="end"
            >
              {`L${phase}`}
            </SvgText>
          )}
          {segments.map(({ name, x, width }, i) => (
            <G key={name}>
              <Rect
                x={x}
                y={y}
                width={Math.max(1, width - 1.5)}
                height={height}
                rx={2}
                fill={over ? palette.rust : palette.petrol}
                opacity={i % 2 === 0 ? 0.9 : 0.66}
              />
              {name.length * LETTER_px < width - 6 && (
                <SvgText
                  x={x + width / 2}
                  y={y + height / 2 + 5}
                  fontSize={13}
                  fontFamily={FONT.bold}
                  fill={palette.onPetrol}
                  textAnchor="middle"
                >
                  {name}
                </SvgText>
              )}
            </G>
          ))}
          <SvgText
            x={end + 4}
            y={y + height / 2 + 5}
            fontSize={13}
            fontFamily={FONT.figuresBold}
            fill={palette.ink}
          >
            {Number(sum_A.toFixed(1))}
          </SvgText>
        </G>
      ))}
      <Line
        x1={chart.breaker}
        x2={chart.breaker}
        y1={box.top - 8}
        y2={box.height - box.bottom}
        stroke={palette.ink}
        strokeWidth={2}
      />
      <SvgText
        x={chart.breaker}
        y={box.top - 12}
        fontSize={13}
        fontFamily={FONT.bold}
        fill={palette.ink}
        textAnchor="middle"
      >
        breaker
      </SvgText>
    </Svg>
  );
}
