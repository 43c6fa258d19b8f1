import { beatStrip } from '@barythm/core/beat';
import { poolWeeks } from './pool-weeks';
import { provedLines } from '@barythm/core/job';
import type { Handover, HandoverDay, HandoverDose, HandoverFinding, JobDocument } from '@barythm/core/visit';
import { dateInWords } from '@barythm/core/time';
import { fig, figureNumber, figureWithUnit, presentReader } from '@barythm/core/units';
import {
  ensureRoom,
  heading,
  heightOf,
  keepFoot,
  INK,
  PAGE,
  picture,
  rule,
  settleFoot,
  TEXT_WIDTH,
  triadSign,
  write,
  type Pdf,
} from './paper';

/**
 * The page the customer reads: before and after, what was proved, what is open and who acts, next due, signature. The signature stands
 * on this page however much is open; what finds no room goes on overleaf. Answers where the next part begins: null on a new page.
 */
export function firstPage(pdf: Pdf, document: JobDocument, handover: Handover): number | null {
  const { summary } = handover;
  keepFoot(pdf, { height: SIGNATURE_HEIGHT, draw: (at) => signature(pdf, handover, at) });
  let y = masthead(pdf, document, handover);
  if (summary.lookedAtOnly !== undefined) y = lookedAtOnly(pdf, summary.lookedAtOnly, y);
  if (summary.accepted.length > 0) y = acceptedStops(pdf, summary.accepted, y);
  if (summary.wanted && summary.dose.length === 2) y = beforeAndAfter(pdf, handover, y);
  if (summary.days?.length === 2) y = sameDay(pdf, summary.days, y);
  if (summary.pool && summary.pool.weeks.length > 0) y = poolWeeks(pdf, summary.pool, y);
  y = proved(pdf, handover, y);
  y = openPoints(pdf, summary.open, y);
  return settleFoot(pdf) ? null : y + 10;
}

const SIGNATURE_HEIGHT = 96;

function masthead(pdf: Pdf, { pump, site, unit, profile }: JobDocument, handover: Handover): number {
  mark(pdf, PAGE.left, PAGE.top);
  write(pdf, 'Barythm', { x: PAGE.left + 34, y: PAGE.top + 4, width: 200 }, { font: 'bold', size: 14 });
  write(
    pdf,
    dateInWords(handover.summary.siteDate),
    { x: PAGE.left, y: PAGE.top + 6, width: TEXT_WIDTH, align: 'right' },
    { size: 10, colour: INK.quiet },
  );
  let y = write(
    pdf,
    `Hand-over: ${pump.tag}`,
    { x: PAGE.left, y: PAGE.top + 42, width: TEXT_WIDTH },
    { font: 'bold', size: 24, tag: 'H1' },
  );
  y = write(pdf, `${pump.name}, ${pump.place}`, { x: PAGE.left, y, width: TEXT_WIDTH }, { size: 12 });
  y = write(
    pdf,
    `${site.name}, ${site.place}  ·  ${unit.model}, serial ${unit.serial}  ·  ${profile.name}`,
    { x: PAGE.left, y: y + 2, width: TEXT_WIDTH },
    { size: 9, colour: INK.quiet },
  );
  rule(pdf, y + 8);
  return y + 20;
}

/** The product's mark: three beats of a pump. */
function mark(pdf: Pdf, x: number, y: number): void {
  pdf.roundedRect(x, y, 26, 26, 6).fillColor(INK.petrol).fill();
  pdf
    .rect(x + 6, y + 13, 3, 7)
    .rect(x + 11.5, y + 6, 3, 14)
    .rect(x + 17, y + 10, 3, 10)
    .fillColor('#FFFDF8')
    .fill();
}

/** A visit on which nothing was read, set or proved says so before all else. */
function lookedAtOnly(pdf: Pdf, why: string, start: number): number {
  const y = heading(pdf, 'Looked at only', start);
  return (
    write(
      pdf,
      `Nothing was read, set or proved on this visit: ${why}`,
      { x: PAGE.left, y, width: TEXT_WIDTH },
      { font: 'bold', size: 11, colour: INK.rust },
    ) + 10
  );
}

function acceptedStops(pdf: Pdf, accepted: readonly HandoverFinding[], start: number): number {
  let y = heading(pdf, 'Accepted in writing', start);
  for (const finding of accepted) {
    const words = `${finding.so} ${finding.will} Accepted because: ${finding.reason ?? ''}`;
    y = ensureRoom(pdf, y, 20 + heightOf(pdf, words, TEXT_WIDTH, { size: 9.5 }));
    y = write(
      pdf,
      `${finding.code}  ${finding.title}`,
      { x: PAGE.left, y, width: TEXT_WIDTH },
      { font: 'bold', size: 10, colour: INK.rust },
    );
    y = write(pdf, words, { x: PAGE.left, y, width: TEXT_WIDTH }, { size: 9.5 });
    y += 6;
  }
  return y + 6;
}

function beforeAndAfter(pdf: Pdf, { summary }: Handover, start: number): number {
  const y = heading(pdf, 'Dose, before and after', start);
  const gap = 16;
  const width = (TEXT_WIDTH - gap) / 2;
  const height = 112;
  summary.dose.forEach((dose, i) =>
    doseCard(pdf, dose, summary, PAGE.left + i * (width + gap), y, width, height),
  );
  const { wanted, water } = summary;
  if (!wanted || !water) return y + height;
  return (
    write(
      pdf,
      `Wanted: ${figure(wanted.wanted_mgl)} mg/L, from ${figure(wanted.low_mgl)} to ${figure(wanted.high_mgl)} mg/L, at water flows of ${flow(water.least_m3h)} to ${flow(water.greatest_m3h)}.`,
      { x: PAGE.left, y: y + height + 6, width: TEXT_WIDTH },
      { size: 9.5, colour: INK.quiet },
    ) + 14
  );
}

function doseCard(
  pdf: Pdf,
  dose: HandoverDose,
  { water }: Handover['summary'],
  x: number,
  y: number,
  width: number,
  height: number,
): void {
  const name = dose.column === 'found' ? 'As found' : 'As left';
  const colour = dose.column === 'found' ? INK.slate : INK.plum;
  pdf.roundedRect(x, y, width, height, 8).lineWidth(1).strokeColor(INK.line).stroke();
  triadSign(pdf, dose.column, x + 16, y + 17);
  write(pdf, name, { x: x + 26, y: y + 10, width: width - 36 }, { font: 'bold', size: 11, colour });
  const big = dose.atUsual_mgl === null ? 'not known' : `${figure(dose.atUsual_mgl)} mg/L`;
  write(pdf, big, { x: x + 12, y: y + 28, width: width - 24 }, { font: 'figuresBold', size: 22 });
  write(
    pdf,
    water ? `at the usual ${flow(water.usual_m3h)}` : '',
    { x: x + 12, y: y + 56, width: width - 24 },
    { size: 9, colour: INK.quiet },
  );
  if (dose.atLeast_mgl !== null && dose.atGreatest_mgl !== null && water) {
    write(
      pdf,
      `${figure(dose.atLeast_mgl)} at least flow, ${figure(dose.atGreatest_mgl)} at greatest`,
      { x: x + 12, y: y + 70, width: width - 24 },
      { size: 9 },
    );
  }
  if (dose.inBand !== null) {
    write(
      pdf,
      dose.inBand ? 'Within the wanted band at every flow' : 'Leaves the wanted band',
      { x: x + 12, y: y + 88, width: width - 24 },
      { font: 'bold', size: 10, colour: dose.inBand ? INK.moss : INK.rust },
    );
  }
}

/** Both sheets run through the duty's own day: the strip of its hours, product given, and time in the band. */
function sameDay(pdf: Pdf, days: readonly HandoverDay[], start: number): number {
  const y = heading(pdf, 'The same day, before and after', start);
  const gap = 16;
  const width = (TEXT_WIDTH - gap) / 2;
  const most = Math.max(1, ...days.flatMap((day) => day.hourly_spm));
  days.forEach((day, i) => dayCard(pdf, day, most, PAGE.left + i * (width + gap), y, width));
  return (
    write(
      pdf,
      'Strokes of each hour from 0:00 to 24:00, worked out from the settings and the usual water; not measured.',
      { x: PAGE.left, y: y + DAY_HEIGHT + 5, width: TEXT_WIDTH },
      { size: 8.5, colour: INK.quiet },
    ) + 10
  );
}

const DAY_HEIGHT = 66;

function dayCard(pdf: Pdf, day: HandoverDay, most: number, x: number, y: number, width: number): void {
  const colour = day.column === 'found' ? INK.slate : INK.plum;
  pdf.roundedRect(x, y, width, DAY_HEIGHT, 8).lineWidth(1).strokeColor(INK.line).stroke();
  const strip = { x: x + 12, y: y + 8, width: width - 24, height: 18 };
  const { beats } = beatStrip(strip, day.hourly_spm, most, null);
  const name = day.column === 'found' ? 'As found' : 'As left';
  const [least, greatest] = [Math.min(...day.hourly_spm), Math.max(...day.hourly_spm)].map(Math.round);
  picture(pdf, `${name}, hour by hour: ${least} to ${greatest} strokes/min.`, () => {
    for (const beat of beats) {
      if (beat.height > 0)
        pdf.rect(strip.x + beat.x, strip.y + strip.height - beat.height, beat.width, beat.height);
    }
    pdf.fillColor(colour).fill();
  });
  write(
    pdf,
    `${Math.round(day.inBand * 100)} % of the time in the wanted band`,
    { x: x + 12, y: y + 31, width: width - 24 },
    { font: 'bold', size: 10.5, colour: day.inBand >= 0.9 ? INK.moss : INK.rust },
  );
  write(
    pdf,
    `${litres(day.given_L)} of product given, ${litres(day.wanted_L)} wanted`,
    { x: x + 12, y: y + 47, width: width - 24 },
    { size: 9 },
  );
}

function litres(value: number): string {
  return figureWithUnit(fig('volume', value), presentReader());
}

function flow(value: number): string {
  return figureWithUnit(fig('waterFlow', value), presentReader());
}

function figure(value: number): string {
  return figureNumber(fig('dose', value), presentReader());
}

function proved(pdf: Pdf, { summary }: Handover, start: number): number {
  const { proof } = summary;
  const lines = [
    ...triedLines(summary),
    `${sentence(proof.volume)}.`,
    ...(summary.pool
      ? []
      : [proof.live ? `End to end: ${proof.live}.` : 'No live end-to-end reading was taken.']),
    ...((summary.notTried ?? []).length > 0
      ? [`${counted(summary.notTried!.length, 'check')} offered and not tried: see the last page.`]
      : []),
    proof.automatic ? 'Seen back in automatic.' : 'Not seen back in automatic.',
    ...(summary.clock ? [`Clock: ${summary.clock}.`] : []),
  ];
  let y = heading(pdf, 'What was proved', ensureRoom(pdf, start, 90));
  for (const line of lines) y = write(pdf, `–  ${line}`, { x: PAGE.left, y, width: TEXT_WIDTH });
  return y + 10;
}

function triedLines(summary: Handover['summary']): string[] {
  const lines = provedLines(summary);
  if (lines.length === 0) return ['Nothing was proved at the pump on this visit.'];
  return lines.map(({ words, titles }) =>
    titles.length === 0 ? `${words}.` : `${words}: ${titles.map(within).join(', ')}.`,
  );
}

/** A title within a sentence: names and tags in it keep their letters. */
function within(title: string): string {
  return title.charAt(0).toLowerCase() + title.slice(1);
}

function counted(count: number, what: string): string {
  return `${count} ${what}${count === 1 ? '' : 's'}`;
}

function sentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** One slip is one entry, with what is so in each of its places. */
function alike(open: readonly HandoverFinding[]): (readonly [HandoverFinding, ...HandoverFinding[]])[] {
  const groups = new Map<string, [HandoverFinding, ...HandoverFinding[]]>();
  for (const finding of open) {
    const { code, title, severity, whoActs, reason } = finding;
    const key = JSON.stringify([code, title, severity, whoActs, reason]);
    const known = groups.get(key);
    if (known) known.push(finding);
    else groups.set(key, [finding]);
  }
  return [...groups.values()];
}

function openPoints(pdf: Pdf, open: readonly HandoverFinding[], start: number): number {
  let y = heading(pdf, 'What is open, and who acts', ensureRoom(pdf, start, 60));
  if (open.length === 0) return write(pdf, 'Nothing.', { x: PAGE.left, y, width: TEXT_WIDTH }) + 10;
  for (const group of alike(open)) {
    const [finding] = group;
    const words = [...group.map(({ so }) => so), ...new Set(group.map(({ todo }) => todo))].join(' ');
    const who = finding.whoActs === 'customer' ? 'Customer' : 'Technician';
    y = ensureRoom(pdf, y, 16 + heightOf(pdf, words, TEXT_WIDTH - 90, { size: 9.5 }));
    const colour =
      finding.severity === 'stop' ? INK.rust : finding.severity === 'warn' ? INK.ochre : INK.quiet;
    write(pdf, who, { x: PAGE.left, y, width: 80 }, { font: 'bold', size: 9.5 });
    y = write(
      pdf,
      `${finding.title}  (${finding.severity}, ${finding.code})`,
      { x: PAGE.left + 84, y, width: TEXT_WIDTH - 84 },
      { font: 'bold', size: 9.5, colour },
    );
    y = write(pdf, words, { x: PAGE.left + 84, y, width: TEXT_WIDTH - 84 }, { size: 9.5 });
    if (finding.reason) {
      y = write(
        pdf,
        `Said on site: ${finding.reason}`,
        { x: PAGE.left + 84, y, width: TEXT_WIDTH - 84 },
        { size: 9.5, colour: INK.quiet },
      );
    }
    y += 5;
  }
  return y + 6;
}

function signature(pdf: Pdf, handover: Handover, y: number): void {
  const width = (TEXT_WIDTH - 16) / 2;
  write(pdf, 'Next due', { x: PAGE.left, y, width }, { font: 'bold', size: 11, colour: INK.petrol });
  write(
    pdf,
    handover.nextDue ? dateInWords(handover.nextDue) : 'not agreed',
    { x: PAGE.left, y: y + 16, width },
    { font: 'figuresBold', size: 15 },
  );
  write(pdf, `By: ${handover.actor}`, { x: PAGE.left, y: y + 42, width }, { size: 9, colour: INK.quiet });
  const x = PAGE.left + width + 16;
  write(pdf, 'Received', { x, y, width }, { font: 'bold', size: 11, colour: INK.petrol });
  const box = { x, y: y + 16, width, height: 58 };
  pdf.roundedRect(box.x, box.y, box.width, box.height, 6).lineWidth(0.8).strokeColor(INK.line).stroke();
  const { signature: drawn } = handover;
  const scale = Math.min(box.width / drawn.width, box.height / drawn.height);
  pdf.save().translate(box.x, box.y).scale(scale);
  for (const path of drawn.paths)
    pdf
      .path(path)
      .lineWidth(1.6 / scale)
      .strokeColor(INK.ink)
      .stroke();
  pdf.restore();
  write(pdf, handover.signedAs, { x, y: box.y + box.height + 3, width }, { size: 9, colour: INK.quiet });
}
