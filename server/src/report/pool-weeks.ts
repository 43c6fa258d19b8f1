import { beatStrip } from '@barythm/core/beat';
import type { HandoverWeeks, HandoverWeek } from '@barythm/core/visit';
import { DAY_NAMES } from '@barythm/core/time';
import { fig, figureWithUnit, presentReader } from '@barythm/core/units';
import { heading, INK, PAGE, picture, TEXT_WIDTH, triadSign, write, type Pdf } from './paper';

const GAP = 16;
const ROW = 13;
const HEIGHT = 64 + 7 * ROW + 18;

/** A pool pump's week before and after: money and water, and the rhythm of each day. */
export function poolWeeks(pdf: Pdf, pool: HandoverWeeks, start: number): number {
  const y = heading(pdf, 'The week, before and after', start);
  const width = (TEXT_WIDTH - GAP) / 2;
  pool.weeks.forEach((week, i) => weekCard(pdf, pool, week, PAGE.left + i * (width + GAP), y, width));
  return (
    write(
      pdf,
      `From 0:00 to 24:00 each day; ${figureWithUnit(fig('waterVolume', pool.needed_m3), presentReader())} are needed a day. Worked out from settings, points and prices; not measured.`,
      { x: PAGE.left, y: y + HEIGHT + 5, width: TEXT_WIDTH },
      { size: 8.5, colour: INK.quiet },
    ) + 10
  );
}

function weekCard(
  pdf: Pdf,
  pool: HandoverWeeks,
  week: HandoverWeek,
  x: number,
  y: number,
  width: number,
): void {
  const found = week.column === 'found';
  const colour = found ? INK.slate : INK.plum;
  pdf.roundedRect(x, y, width, HEIGHT, 8).lineWidth(1).strokeColor(INK.line).stroke();
  triadSign(pdf, week.column, x + 16, y + 17);
  const name = found ? 'As found' : 'As left';
  write(pdf, name, { x: x + 26, y: y + 10, width: width - 36 }, { font: 'bold', size: 11, colour });
  write(
    pdf,
    `${week.costMonth.toFixed(2)} ${pool.currency} a month`,
    { x: x + 12, y: y + 27, width: width - 24 },
    { font: 'figuresBold', size: 15 },
  );
  const least = Math.min(...week.daily_m3);
  const met = week.held === null && least >= pool.needed_m3 * (1 - 1e-6);
  write(
    pdf,
    week.held
      ? `It ${week.held}`
      : `${figureWithUnit(fig('waterVolume', least), presentReader())} on its weakest day`,
    { x: x + 12, y: y + 47, width: width - 24 },
    { font: 'bold', size: 10, colour: met ? INK.moss : INK.rust },
  );
  week.days_rpm.forEach((rates, day) => {
    const top = y + 64 + day * ROW;
    write(pdf, DAY_NAMES[day], { x: x + 12, y: top, width: 24 }, { size: 8, colour: INK.quiet });
    const strip = { width: width - 56, height: ROW - 3 };
    const running = Math.round((rates.filter((rate) => rate > 0).length / rates.length) * 240) / 10;
    const alt = `${name}, ${DAY_NAMES[day]}: runs ${running} h, at most ${Math.round(Math.max(...rates))} rev/min.`;
    picture(pdf, alt, () => {
      for (const beat of beatStrip(strip, rates, pool.fullSpeed_rpm, null).beats) {
        if (beat.height > 0)
          pdf.rect(x + 40 + beat.x, top + strip.height - beat.height, beat.width + 0.2, beat.height);
      }
      pdf.fillColor(colour).fill();
    });
  });
  write(
    pdf,
    `Longest pause ${week.longestPause_min} min; ${week.costYear.toFixed(0)} ${pool.currency} a year`,
    { x: x + 12, y: y + 66 + 7 * ROW, width: width - 24 },
    { size: 9 },
  );
}
