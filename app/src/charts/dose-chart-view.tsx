import type { DoseChart } from '@barythm/core/chart';
import Svg, { Path, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from '../ui/theme';
import { Axes } from './axes';
import { WantedBand } from './wanted-band';

const COLOUR = { found: 'slate', target: 'petrol', left: 'plum' } as const;

/** Dose over water flow, with the wanted band behind the lines. */
export function DoseChartView({ chart }: { chart: DoseChart }) {
  const palette = usePalette();
  const { box } = chart.frame;
  const right = box.width - box.right;
  return (
    <Svg width={box.width} height={box.height} role="img" aria-label={`Dose over water flow. ${chart.text}`}>
      <WantedBand
        left={box.left}
        right={right}
        top={chart.band.top}
        bottom={chart.band.bottom}
        middle={chart.band.wanted}
      >
        <Axes frame={chart.frame} />
      </WantedBand>
      <SvgText
        x={right - 4}
        y={chart.band.top - 5}
        fontSize={13}
        fontFamily={FONT.bold}
        fill={palette.moss}
        textAnchor="end"
      >
        required band
      </SvgText>
      {chart.lines.map((line) => (
        <Path
          key={line.column}
          d={line.path}
          stroke={palette[COLOUR[line.column]]}
          strokeWidth={line.column === 'found' ? 2 : 2.5}
          strokeDasharray={line.column === 'found' ? '6 4' : undefined}
          fill="none"
        />
      ))}
    </Svg>
  );
}
