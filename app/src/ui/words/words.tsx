import type { ReactNode } from 'react';
import { Text, type TextProps, type TextStyle } from 'react-native';
import { FONT, SIZE, textSize, usePalette, type Colour } from '../theme';

interface WordsProps extends TextProps {
  readonly children: ReactNode;
  readonly size?: keyof typeof SIZE;
  readonly colour?: Colour;
  readonly bold?: boolean;
  /** figures and key names: tabular, with digits that cannot be mistaken */
  readonly figures?: boolean;
}

/** All text of the app: the product's fonts, sizes and colours. */
export function Words({ size = 'body', colour = 'ink', bold, figures, style, ...rest }: WordsProps) {
  const palette = usePalette();
  const own: TextStyle = {
    color: palette[colour],
    fontSize: textSize(SIZE[size]),
    lineHeight: textSize(Math.round(SIZE[size] * (size === 'hero' || size === 'figure' ? 1.15 : 1.4))),
    fontFamily: figures ? (bold ? FONT.figuresBold : FONT.figures) : bold ? FONT.bold : FONT.text,
  };
  return <Text {...rest} style={[own, style]} />;
}

/** A heading within a screen. */
export function Heading({ children, level = 2 }: { children: ReactNode; level?: 2 | 3 }) {
  return (
    <Words role="heading" aria-level={level} bold size={level === 2 ? 'large' : 'body'}>
      {children}
    </Words>
  );
}
