import type { BlockOf } from '@barythm/core/visit';
import { ensureRoom, heading, heightOf, INK, PAGE, rule, TEXT_WIDTH, write, type Pdf } from '../paper';

/** A table that begins at the foot of a page begins with some of its rows, or on the next page. */
const ROWS_TOGETHER = 140;
const SIZE = 9;
const TONE = { good: INK.moss, bad: INK.rust, quiet: INK.quiet } as const;

/** A table across the page; the last cell of a row is what it comes to, in the row's tone. */
export function table(pdf: Pdf, { title, columns, rows, note }: BlockOf<'table'>, start: number): number {
  const all = columns.reduce((sum, { share }) => sum + share, 0);
  const widths = columns.map(({ share }) => (share / all) * TEXT_WIDTH);
  let y = heading(pdf, title, ensureRoom(pdf, start, ROWS_TOGETHER));
  const last = columns.length - 1;
  const heads = columns.map(({ name }): Cell => ({ words: name, font: 'bold', colour: INK.quiet }));
  y = line(pdf, heads, widths, y);
  rule(pdf, y);
  y += 5;
  for (const { cells, tone } of rows) {
    const row = cells.map((words, i): Cell =>
      i === last ? { words, font: 'bold', colour: TONE[tone] } : { words, font: 'figures', colour: INK.ink },
    );
    const tallest = Math.max(
      ...row.map(({ words, font }, i) => heightOf(pdf, words, widths[i] - 6, { font, size: SIZE })),
    );
    y = line(pdf, row, widths, ensureRoom(pdf, y, tallest + 6));
  }
  if (note === null) return y + 10;
  return (
    write(pdf, note, { x: PAGE.left, y: y + 8, width: TEXT_WIDTH }, { size: SIZE, colour: INK.quiet }) + 10
  );
}

interface Cell {
  readonly words: string;
  readonly font: 'bold' | 'figures';
  readonly colour: string;
}

function line(pdf: Pdf, cells: readonly Cell[], widths: readonly number[], y: number): number {
  let x: number = PAGE.left;
  const below = cells.map(({ words, font, colour }, i) => {
    const under = write(pdf, words, { x, y, width: widths[i] - 6 }, { font, size: SIZE, colour });
    x += widths[i];
    return under;
  });
  return Math.max(...below) + 3;
}
