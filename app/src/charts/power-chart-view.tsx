import type { PowerChart } from '@barythm/core/chart';
import Svg, { G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from '../ui/theme';
import { Axes } from './axes';

/** Who runs over the draw, and what it takes by each way of sharing; the short strokes are the hours of the day. */
export function PowerChartView({
  chart,
  planned,
  text,
}: {
  chart: PowerChart;
  planned: string;
  text: string;
}) {
  const palette = usePalette();
  const { box } = chart.frame;
  const floor = box.height - box.bottom;
  return (
    <Svg width={box.width} height={box.height} role="img" aria-label={`Power over draw. ${text}`}>
      {chart.runs.map(({ running, from, to }) => (
        <G key={running}>
          <Rect
            x={from}
            y={box.top}
            width={Math.max(1, to - from)}
            height={floor - box.top}
            fill={palette.petrol}
            opacity={running % 2 === 0 ? 0.12 : 0.04}
          />
          <SvgText
            x={(from + to) / 2}
            y={box.top + 14}
            fontSize={13}
            fontFamily={FONT.text}
            fill={palette.quiet}
            textAnchor="middle"
          >
            {`${running} ${running === 1 ? 'runs' : 'run'}`}
          </SvgText>
        </G>
      ))}
      <Axes frame={chart.frame} />
      {chart.hours.map((x, i) => (
        <Line key={i} x1={x} x2={x} y1={floor - 8} y2={floor} stroke={palette.ember} strokeWidth={1.5} />
      ))}
      {chart.ways.map(({ key, path }) => (
        <Path
          key={key}
          d={path}
          stroke={key === planned ? palette.petrol : palette.edge}
          strokeWidth={key === planned ? 2.5 : 1.8}
          strokeDasharray={key === planned ? undefined : '6 4'}
          fill="none"
        />
      ))}
    </Svg>
  );
}
