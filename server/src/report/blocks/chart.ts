import { lineChart, type Box, type LineChart } from '@barythm/core/chart';
import type { BlockOf } from '@barythm/core/visit';
import {
  COLUMN_COLOUR,
  COLUMN_NAME,
  ensureRoom,
  heading,
  INK,
  PAGE,
  picture,
  TEXT_WIDTH,
  triadSign,
  write,
  type Pdf,
} from '../paper';

const BOX: Box = { width: TEXT_WIDTH, height: 250, left: 44, right: 12, top: 10, bottom: 40 };

/** Lines over an axis with what was measured on them. */
export function chart(pdf: Pdf, block: BlockOf<'chart'>, start: number): number {
  let y = heading(pdf, block.title, ensureRoom(pdf, start, BOX.height + 80));
  y = legend(pdf, block, y);
  const drawn = lineChart(BOX, block);
  pdf.save().translate(PAGE.left, y);
  axes(pdf, drawn);
  picture(pdf, block.says, () => lines(pdf, drawn));
  pdf.restore();
  return y + BOX.height + 16;
}

function legend(pdf: Pdf, { lines: named }: BlockOf<'chart'>, y: number): number {
  named.forEach(({ column }, i) => {
    const x = PAGE.left + BOX.left + i * 90;
    triadSign(pdf, column, x, y + 7);
    write(pdf, COLUMN_NAME[column], { x: x + 9, y, width: 78 }, { size: 9.5, colour: COLUMN_COLOUR[column] });
  });
  return y + 20;
}

function axes(pdf: Pdf, { frame: { box, x, y } }: LineChart): void {
  const bottom = box.height - box.bottom;
  const figure = { font: 'figures', size: 8, colour: INK.quiet } as const;
  for (const tick of y.ticks) {
    pdf.moveTo(box.left, tick.at).lineTo(box.width - box.right, tick.at);
    pdf.lineWidth(0.5).strokeColor(INK.line).stroke();
    write(pdf, tick.label, { x: 0, y: tick.at - 5, width: box.left - 6, align: 'right' }, figure);
  }
  for (const tick of x.ticks) {
    pdf.moveTo(tick.at, bottom).lineTo(tick.at, bottom + 4);
    pdf.lineWidth(0.7).strokeColor(INK.quiet).stroke();
    write(pdf, tick.label, { x: tick.at - 20, y: bottom + 6, width: 40, align: 'center' }, figure);
  }
  const width = box.width - box.left - box.right;
  write(pdf, x.title, { x: box.left, y: bottom + 20, width, align: 'center' }, { size: 9 });
  write(pdf, y.title, { x: box.left + 6, y: box.top - 8, width: 160 }, { size: 9 });
}

function lines(pdf: Pdf, drawn: LineChart): void {
  for (const { column, path, marks } of drawn.lines) {
    pdf
      .path(path)
      .lineWidth(column === 'left' ? 1.8 : 1.2)
      .strokeColor(COLUMN_COLOUR[column]);
    if (column === 'found') pdf.dash(4, { space: 3 });
    pdf.stroke().undash();
    for (const mark of marks) triadSign(pdf, column, mark.x, mark.y, 3.5);
  }
  for (const dot of drawn.dots) {
    pdf.moveTo(dot.x - 4, dot.y).lineTo(dot.x + 4, dot.y);
    pdf.moveTo(dot.x, dot.y - 4).lineTo(dot.x, dot.y + 4);
    pdf
      .lineWidth(1.6)
      .strokeColor(dot.ok ? INK.moss : INK.rust)
      .stroke();
  }
}
