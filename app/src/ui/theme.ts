import { Platform } from 'react-native';
import { useAppearance } from './appearance';
import { useMedia } from './screen/media';

const LIGHT = {
  paper: '#F5F1E8',
  surface: '#FFFDF8',
  ink: '#17231F',
  quiet: '#48564F',
  line: '#D8D1C2',
  edge: '#857F6E',
  petrol: '#0B5A58',
  onPetrol: '#FFFDF8',
  ember: '#B5430A',
  moss: '#2F6B34',
  ochre: '#8A5A00',
  rust: '#A62B1B',
  slate: '#3F5E7E',
  plum: '#6D3B78',
};

const DARK: typeof LIGHT = {
  paper: '#101816',
  surface: '#18221F',
  ink: '#EAF0EA',
  quiet: '#A9B7AF',
  line: '#33413C',
  edge: '#6F7F78',
  petrol: '#5CC2BC',
  onPetrol: '#101816',
  ember: '#FF8A4C',
  moss: '#86C98A',
  ochre: '#E5B454',
  rust: '#FF8672',
  slate: '#9DBCE0',
  plum: '#D3A3DE',
};

export type Palette = typeof LIGHT;
export type Colour = keyof Palette;

/** With more contrast nothing is quiet, and every line is an edge. */
function withContrast(palette: Palette): Palette {
  return { ...palette, quiet: palette.ink, line: palette.edge, edge: palette.ink };
}
const LIGHT_MORE = withContrast(LIGHT);
const DARK_MORE = withContrast(DARK);

/** The palette for the light there is, or that was chosen, and for the contrast that the reader's device asks for. */
export function usePalette(): Palette {
  const wanted = useAppearance();
  const device = useMedia('(prefers-color-scheme: dark)');
  const dark = wanted === 'device' ? device : wanted === 'dark';
  const more = useMedia('(prefers-contrast: more)');
  if (more) return dark ? DARK_MORE : LIGHT_MORE;
  return dark ? DARK : LIGHT;
}

export const FONT = { text: 'Next', bold: 'NextBold', figures: 'Mono', figuresBold: 'MonoBold' } as const;
export const SIZE = { small: 13, body: 15, large: 17, title: 22, figure: 30, hero: 44 } as const;
/** Pixels of a browser's own text size, which its reader may have changed. */
export const ROOT_px = 16;

/** A size of text: in a browser it follows the text size that its reader has set. */
export function textSize(px: number): number {
  // styles take lengths of the web too; their type knows numbers alone
  return Platform.OS === 'web' ? (`${px / ROOT_px}rem` as unknown as number) : px;
}

export const SPACE = { xs: 4, s: 8, m: 12, l: 16, xl: 24, xxl: 32, huge: 48 } as const;
export const RADIUS = { control: 6, card: 12 } as const;
/** Least size of anything a wet thumb has to hit. */
export const TOUCH = 48;
/** From this width on places stand at the left and work beside them. */
export const WIDE = 900;
