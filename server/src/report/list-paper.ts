import { firmHead, type FirmHead } from './firm-head';
import { ensureRoom, heading, heightOf, INK, PAGE, rule, TEXT_WIDTH, write, type Pdf } from './paper';

/** A paper of a few headings, each with its lines. */
export interface ListPaper {
  readonly title: string;
  readonly about: string;
  readonly sections: readonly {
    readonly heading: string;
    readonly lines: readonly string[];
    /** each line has a box to tick */
    readonly ticked?: boolean;
  }[];
}

const INDENT = 14;
const BOX = 8;

/** Paints it, in letters of a size, under the firm that it comes from. */
export function paintList(
  pdf: Pdf,
  { title, about, sections }: ListPaper,
  size: number,
  firm: FirmHead | null,
): void {
  const across = { x: PAGE.left, width: TEXT_WIDTH };
  const top = firm ? firmHead(pdf, firm) + 10 : PAGE.top;
  let y = write(pdf, title, { ...across, y: top }, { font: 'bold', size: 24, tag: 'H1' });
  y = write(pdf, about, { ...across, y: y + 2 }, { size: size + 1, colour: INK.quiet });
  rule(pdf, y + 6);
  y += 16;
  for (const { heading: words, lines, ticked } of sections) {
    y = heading(pdf, words, ensureRoom(pdf, y, 48));
    for (const line of lines) {
      const within = { x: PAGE.left + INDENT, width: TEXT_WIDTH - INDENT };
      y = ensureRoom(pdf, y, heightOf(pdf, line, within.width, { size }));
      mark(pdf, y + size * 0.62, ticked === true);
      y = write(pdf, line, { ...within, y }, { size }) + 3;
    }
    y += 8;
  }
}

/** A box to tick, or a point. */
function mark(pdf: Pdf, middle: number, box: boolean): void {
  if (box) {
    pdf
      .rect(PAGE.left, middle - BOX / 2, BOX, BOX)
      .lineWidth(0.8)
      .strokeColor(INK.quiet)
      .stroke();
  } else
    pdf
      .circle(PAGE.left + 4, middle, 1.6)
      .fillColor(INK.petrol)
      .fill();
}
