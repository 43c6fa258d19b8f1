import { View } from 'react-native';
import Svg, { G, Rect, Text as SvgText } from 'react-native-svg';
import { FONT, usePalette } from '../../../ui/theme';
import { Words } from '../../../ui/words/words';

/** One switch of a bank. */
export interface BankSwitch {
  readonly means: string;
  readonly setUp: boolean;
  /** null where it was not read */
  readonly on: boolean | null;
}

/** As wide as fits twelve of them on a phone. */
const [WIDEST, ALL, HEIGHT] = [38, 308, 78];

/** A bank of switches as it stands on the board: a slider each, up is on; the one that opens set-up is named. */
export function BankView({ switches, text }: { switches: readonly BankSwitch[]; text: string }) {
  const palette = usePalette();
  const slot = Math.min(WIDEST, Math.floor(ALL / Math.max(1, switches.length)));
  const width = switches.length * slot + 12;
  return (
    <View>
      <Svg width={width} height={HEIGHT + 26} role="img" aria-label={text}>
        <Rect
          x={2}
          y={2}
          width={width - 4}
          height={HEIGHT}
          rx={4}
          fill={palette.paper}
          stroke={palette.edge}
          strokeWidth={1.5}
        />
        {switches.map(({ on, setUp }, i) => {
          const x = 6 + i * slot;
          const colour = setUp ? palette.ember : palette.petrol;
          return (
            <G key={i}>
              <Rect
                x={x + slot * 0.2}
                y={10}
                width={slot * 0.6}
                height={HEIGHT - 18}
                rx={3}
                fill={palette.surface}
                stroke={colour}
                strokeWidth={setUp ? 2.5 : 1.2}
              />
              {on === null ? (
                <SvgText
                  x={x + slot / 2}
                  y={HEIGHT / 2 + 6}
                  fontSize={17}
                  fontFamily={FONT.bold}
                  fill={palette.quiet}
                  textAnchor="middle"
                >
                  ?
                </SvgText>
              ) : (
                <Rect
                  x={x + slot * 0.26}
                  y={on ? 12 : HEIGHT / 2}
                  width={slot * 0.48}
                  height={HEIGHT / 2 - 10}
                  rx={2}
                  fill={colour}
                />
              )}
              <SvgText
                x={x + slot / 2}
                y={HEIGHT + 18}
                fontSize={13}
                fontFamily={FONT.figuresBold}
                fill={palette.ink}
                textAnchor="middle"
              >
                {String(i + 1)}
              </SvgText>
            </G>
          );
        })}
      </Svg>
      <Words size="small" colour="quiet">
        Up is on; a question mark was not read.
      </Words>
    </View>
  );
}
