import type { BlockOf } from '@barythm/core/visit';
import { ensureRoom, heading, heightOf, INK, PAGE, TEXT_WIDTH, write, type Pdf } from '../paper';

/** Sentences one below the other, each with what is said quietly of it. */
export function rows(pdf: Pdf, block: BlockOf<'rows'>, start: number): number {
  let y =
    block.title === null ? ensureRoom(pdf, start, 20) : heading(pdf, block.title, ensureRoom(pdf, start, 60));
  for (const { words, note, bad } of block.rows) {
    const at = { x: PAGE.left, width: TEXT_WIDTH };
    y = ensureRoom(pdf, y, 20 + heightOf(pdf, words, TEXT_WIDTH));
    y = write(pdf, words, { ...at, y }, { colour: bad ? INK.rust : INK.ink });
    if (note !== null) y = write(pdf, note, { ...at, y }, { size: 9, colour: INK.quiet });
    y += 5;
  }
  return y + 8;
}
