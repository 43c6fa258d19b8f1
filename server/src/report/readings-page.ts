import { signalChart, type Box, type SignalChart } from '@barythm/core/chart';
import type { Handover, HandoverReading, JobDocument } from '@barythm/core/visit';
import { siteTime } from '@barythm/core/time';
import { fig, figureWithUnit, formatNumber, presentReader } from '@barythm/core/units';
import {
  COLUMN_COLOUR,
  COLUMN_NAME,
  ensureRoom,
  heading,
  INK,
  PAGE,
  picture,
  rule,
  TEXT_WIDTH,
  triadSign,
  write,
  type Pdf,
} from './paper';

const CHART: Box = { width: TEXT_WIDTH, height: 250, left: 44, right: 12, top: 10, bottom: 40 };

/** The signal chart with the readings on it, and the readings as a table; answers the y below them. */
export function readingsPage(pdf: Pdf, document: JobDocument, { summary }: Handover, start: number): number {
  // without a signal there is neither a line to draw nor a table to fill
  if (summary.lines.length === 0 && summary.readings.length === 0) return start;
  const drawn = summary.lines.length > 0;
  let y = ensureRoom(pdf, start + 14, drawn ? CHART.height + 80 : 120);
  if (summary.lines.length > 0) {
    y = heading(pdf, 'Stroke rate over signal', y);
    y = legend(
      pdf,
      summary.lines.map((line) => line.column),
      y,
    );
    const dots = summary.readings
      .filter((reading) => !reading.voided && !reading.superseded && reading.measured_spm !== null)
      .map((reading) => ({ x_mA: reading.injected_mA, rate_spm: reading.measured_spm ?? 0, ok: reading.ok }));
    paintChart(pdf, signalChart(CHART, summary.lines, dots), y);
    y += CHART.height + 16;
  }
  if (summary.readings.length === 0) {
    return write(pdf, 'No signal points were tried on this visit.', {
      x: PAGE.left,
      y,
      width: TEXT_WIDTH,
    });
  }
  y = heading(pdf, 'Readings', ensureRoom(pdf, y, ROWS_TOGETHER));
  return readingsTable(pdf, summary.readings, document.site.zone, y);
}

/** A table that begins at the foot of a page begins with some of its rows, or on the next page. */
const ROWS_TOGETHER = 140;

function legend(pdf: Pdf, columns: readonly ('found' | 'target' | 'left')[], y: number): number {
  columns.forEach((column, i) => {
    const x = PAGE.left + 44 + i * 90;
    triadSign(pdf, column, x, y + 7);
    write(pdf, COLUMN_NAME[column], { x: x + 9, y, width: 78 }, { size: 9.5, colour: COLUMN_COLOUR[column] });
  });
  return y + 20;
}

function paintChart(pdf: Pdf, chart: SignalChart, top: number): void {
  const { box, x, y } = chart.frame;
  pdf.save().translate(PAGE.left, top);
  const bottom = box.height - box.bottom;
  for (const tick of y.ticks) {
    pdf
      .moveTo(box.left, tick.at)
      .lineTo(box.width - box.right, tick.at)
      .lineWidth(0.5)
      .strokeColor(INK.line)
      .stroke();
    write(
      pdf,
      tick.label,
      { x: 0, y: tick.at - 5, width: box.left - 6, align: 'right' },
      { font: 'figures', size: 8, colour: INK.quiet },
    );
  }
  for (const tick of x.ticks) {
    pdf
      .moveTo(tick.at, bottom)
      .lineTo(tick.at, bottom + 4)
      .lineWidth(0.7)
      .strokeColor(INK.quiet)
      .stroke();
    write(
      pdf,
      tick.label,
      { x: tick.at - 20, y: bottom + 6, width: 40, align: 'center' },
      { font: 'figures', size: 8, colour: INK.quiet },
    );
  }
  write(
    pdf,
    x.title,
    { x: box.left, y: bottom + 20, width: box.width - box.left - box.right, align: 'center' },
    { size: 9 },
  );
  write(pdf, y.title, { x: box.left + 6, y: box.top - 8, width: 120 }, { size: 9 });
  picture(pdf, chart.text, () => drawLines(pdf, chart));
  pdf.restore();
}

function drawLines(pdf: Pdf, chart: SignalChart): void {
  for (const line of chart.lines) {
    const colour = COLUMN_COLOUR[line.column];
    pdf
      .path(line.path)
      .lineWidth(line.column === 'left' ? 1.8 : 1.2)
      .strokeColor(colour);
    if (line.column === 'found') pdf.dash(4, { space: 3 });
    pdf.stroke().undash();
    for (const point of line.points) triadSign(pdf, line.column, point.x, point.y, 3.5);
  }
  for (const dot of chart.readings) {
    pdf
      .moveTo(dot.x - 4, dot.y)
      .lineTo(dot.x + 4, dot.y)
      .moveTo(dot.x, dot.y - 4)
      .lineTo(dot.x, dot.y + 4)
      .lineWidth(1.6)
      .strokeColor(dot.ok ? INK.moss : INK.rust)
      .stroke();
  }
}

const COLUMNS = [
  { name: 'Time', width: 44 },
  { name: 'Injected mA', width: 62 },
  { name: 'Shown mA', width: 56 },
  { name: 'Expected, strokes/min', width: 70 },
  { name: 'Counted, strokes/min', width: 66 },
  { name: 'Flow', width: 70 },
  { name: 'Verdict', width: 131 },
] as const;

function readingsTable(pdf: Pdf, readings: readonly HandoverReading[], zone: string, start: number): number {
  let y = cells(
    pdf,
    COLUMNS.map((column) => column.name),
    start,
    true,
    INK.quiet,
  );
  rule(pdf, y);
  y += 5;
  const number = (value: number | null, decimals: number) =>
    value === null ? '–' : formatNumber(value, decimals, '.');
  for (const reading of readings) {
    y = ensureRoom(pdf, y, 18);
    const tolerance = !reading.tolerance_spm ? '' : ` ± ${formatNumber(reading.tolerance_spm, 1, '.')}`;
    const verdict = reading.voided
      ? 'void: set again after it'
      : reading.superseded
        ? `${reading.ok ? 'as expected' : 'not as expected'}; read again later`
        : reading.ok
          ? 'as expected'
          : 'not as expected';
    y = cells(
      pdf,
      [
        siteTime(reading.recordedAt, zone),
        number(reading.injected_mA, 2),
        number(reading.shown_mA, 2),
        `${number(reading.expected_spm, 0)}${tolerance}`,
        number(reading.measured_spm, 1),
        reading.flow_lph === null
          ? '–'
          : figureWithUnit(fig('pumpFlow', reading.flow_lph), { ...presentReader(), also: undefined }),
        verdict,
      ],
      y,
      false,
      reading.voided ? INK.quiet : reading.ok ? INK.moss : INK.rust,
    );
  }
  const instruments = [
    ...new Set(readings.map((reading) => reading.instrument).filter((name) => name !== null)),
  ];
  if (instruments.length > 0) {
    y = write(
      pdf,
      `Instrument: ${instruments.join('; ')}`,
      { x: PAGE.left, y: y + 8, width: TEXT_WIDTH },
      { size: 9, colour: INK.quiet },
    );
  }
  return y;
}

function cells(pdf: Pdf, texts: readonly string[], y: number, head: boolean, colour: string): number {
  let x: number = PAGE.left;
  let below = y;
  texts.forEach((text, i) => {
    const last = i === texts.length - 1;
    const at = { x, y, width: COLUMNS[i].width - 6 };
    below = Math.max(
      below,
      write(pdf, text, at, {
        font: head ? 'bold' : last ? 'bold' : 'figures',
        size: 9,
        colour: last || head ? colour : INK.ink,
      }),
    );
    x += COLUMNS[i].width;
  });
  return below + 3;
}
