import { beatStrip } from '@barythm/core/beat';
import type { BlockItem, BlockOf, BlockStrip } from '@barythm/core/visit';
import {
  COLUMN_COLOUR,
  COLUMN_NAME,
  ensureRoom,
  heading,
  heightOf,
  INK,
  PAGE,
  picture,
  TEXT_WIDTH,
  triadSign,
  write,
  type FontName,
  type Pdf,
} from '../paper';

type Sides = BlockOf<'before-after'>['sides'];
type Column = Sides[number]['column'];
interface Style {
  readonly font?: FontName;
  readonly size: number;
  readonly colour?: string;
}

const GAP = 16;
const WIDTH = (TEXT_WIDTH - GAP) / 2;
const INSET = 12;
const INNER = WIDTH - 2 * INSET;
/** where what stands on a side begins, below its name */
const TOP = 24;
const FOOT = 6;
/** height of the picture of a day, alone and as one of several */
const ALONE = 14;
const OF_SEVERAL = 10;
const NOTE: Style = { size: 8.5, colour: INK.quiet };

/** Two cards side by side, what was found and what is left, with what the change comes to. */
export function beforeAfter(
  pdf: Pdf,
  { title, headline, sides, note }: BlockOf<'before-after'>,
  start: number,
): number {
  const height =
    TOP + FOOT + Math.max(...sides.map(({ items }) => items.reduce((sum, one) => sum + roomOf(pdf, one), 0)));
  let y = heading(pdf, title, ensureRoom(pdf, start, height + 60));
  if (headline)
    y =
      write(
        pdf,
        `${headline.figure} ${headline.words}`,
        { x: PAGE.left, y, width: TEXT_WIDTH },
        { font: 'figuresBold', size: 15, colour: headline.good ? INK.moss : INK.ochre },
      ) + 4;
  sides.forEach((side, i) => card(pdf, side, PAGE.left + i * (WIDTH + GAP), y, height));
  y += height + 5;
  return (note ? write(pdf, note, { x: PAGE.left, y, width: TEXT_WIDTH }, NOTE) : y) + 8;
}

function card(pdf: Pdf, { column, items }: Sides[number], x: number, top: number, height: number): void {
  pdf.roundedRect(x, top, WIDTH, height, 8).lineWidth(1).strokeColor(INK.line).stroke();
  triadSign(pdf, column, x + 16, top + 15);
  const colour = COLUMN_COLOUR[column];
  write(
    pdf,
    COLUMN_NAME[column],
    { x: x + 26, y: top + 8, width: WIDTH - 36 },
    { font: 'bold', size: 11, colour },
  );
  let y = top + TOP;
  for (const item of items) {
    if (item.kind === 'strip') strip(pdf, item, column, x + INSET, y);
    else write(pdf, item.words, { x: x + INSET, y, width: INNER }, styleOf(item));
    y += roomOf(pdf, item);
  }
}

/** Figures short enough to be read across a room are written so large. */
const SHORT = 12;

function styleOf(item: Exclude<BlockItem, BlockStrip>): Style {
  switch (item.kind) {
    case 'figure':
      return { font: 'figuresBold', size: item.words.length <= SHORT ? 22 : 15 };
    case 'note':
      return { size: 9, colour: INK.quiet };
    case 'line':
      return { size: 9 };
    case 'verdict':
      return { font: 'bold', size: 10, colour: item.good ? INK.moss : INK.rust };
  }
}

/** Height that an item takes, with the air below it. */
function roomOf(pdf: Pdf, item: BlockItem): number {
  if (item.kind === 'strip') return (item.name === null ? ALONE + 2 : OF_SEVERAL) + 3;
  return heightOf(pdf, item.words, INNER, styleOf(item)) + 2;
}

function strip(
  pdf: Pdf,
  { name, rates, greatest, says }: BlockStrip,
  column: Column,
  x: number,
  y: number,
): void {
  const indent = name === null ? 0 : 28;
  if (name !== null) write(pdf, name, { x, y, width: indent - 4 }, { size: 8, colour: INK.quiet });
  const box = { width: INNER - indent, height: name === null ? ALONE : OF_SEVERAL };
  picture(pdf, says, () => {
    for (const beat of beatStrip(box, rates, greatest, null).beats) {
      // a hair wider than it is, so that neighbours touch
      if (beat.height > 0)
        pdf.rect(x + indent + beat.x, y + box.height - beat.height, beat.width + 0.2, beat.height);
    }
    pdf.fillColor(COLUMN_COLOUR[column]).fill();
  });
}
