import { measuredLine, offeredLine, provedLines } from '@barythm/core/job';
import type { Handover, HandoverFinding } from '@barythm/core/visit';
import { strokePoints } from '@barythm/core/visit';
import { receivedWords } from '@barythm/core/words';
import { dateInWords } from '@barythm/core/time';
import { paintBlocks } from './blocks/paint';
import { firmHead } from './firm-head';
import {
  ensureRoom,
  heading,
  heightOf,
  keepFoot,
  INK,
  PAGE,
  rule,
  settleFoot,
  TEXT_WIDTH,
  write,
  type Pdf,
} from './paper';
import { settingsPage } from './settings-page';
import { triedPage } from './tried-page';
import type { JobDocument } from '@barythm/core/families';

/**
 * The page the customer reads: what was changed, what was proved, before and after, what is open and who acts, next due, signature. The signature stands
 * on this page however much is open; what finds no room goes on overleaf. Answers where the next part begins: null on a new page.
 */
export function firstPage(
  pdf: Pdf,
  document: JobDocument,
  handover: Handover,
  logo: string | null,
): number | null {
  const { summary } = handover;
  const open = openWhenSigned(summary);
  const above = open === null ? 0 : OPEN_HEIGHT;
  keepFoot(pdf, {
    height: SIGNATURE_HEIGHT + above,
    draw: (at) => {
      if (open !== null)
        write(pdf, open, { x: PAGE.left, y: at, width: TEXT_WIDTH }, { font: 'bold', size: 9.5 });
      signature(pdf, handover, at + above);
    },
  });
  let y = masthead(pdf, document, handover, logo);
  if (summary.lookedAtOnly !== undefined) y = lookedAtOnly(pdf, summary.lookedAtOnly, y);
  if (summary.accepted.length > 0) y = acceptedStops(pdf, summary.accepted, y);
  // what was done and measured comes before what is calculated from it; a paper from before that was so keeps its order
  if (summary.small) return fewSettings(pdf, document, handover, y);
  const calculatedFirst = summary.changed === undefined;
  if (calculatedFirst) y = paintBlocks(pdf, summary.blocks.first, y);
  y = changed(pdf, summary, y);
  y = proved(pdf, handover, y);
  if (!calculatedFirst) y = paintBlocks(pdf, summary.blocks.first, y);
  y = openPoints(pdf, summary.open, y);
  return settleFoot(pdf) ? null : y + 10;
}

/** A few settings: what stood in them and what was set and why, what was proved, what is open, each trial, all before the signature. */
function fewSettings(pdf: Pdf, document: JobDocument, handover: Handover, start: number): null {
  let y = settingsPage(pdf, handover, start);
  y = proved(pdf, handover, y);
  y = openPoints(pdf, handover.summary.open, y);
  triedPage(pdf, document, handover, y - 14);
  settleFoot(pdf);
  return null;
}

/** Room for a line above the signature. */
const OPEN_HEIGHT = 16;

/** Whoever signs sees how much is open, wherever the list of it finds room; null on what was handed over before that was said. */
function openWhenSigned({ changed: lines, open }: Handover['summary']): string | null {
  if (lines === undefined) return null;
  return open.length === 0 ? 'Nothing is open.' : `Open when signed: ${countsOf(alike(open))}.`;
}

/** Room for a name of two lines under what was drawn. */
const SIGNATURE_HEIGHT = 108;

/** Room for the date beside the firm. */
const DATE_WIDTH = 130;

function masthead(
  pdf: Pdf,
  { pump, site, unit, profile }: JobDocument,
  handover: Handover,
  logo: string | null,
): number {
  const { firm } = handover.summary;
  if (firm) firmHead(pdf, { ...firm, logo }, DATE_WIDTH);
  else {
    mark(pdf, PAGE.left, PAGE.top);
    write(pdf, 'Barythm', { x: PAGE.left + 34, y: PAGE.top + 4, width: 200 }, { font: 'bold', size: 14 });
  }
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
    [[site.name, site.place], [unit.model, unit.serial && `serial ${unit.serial}`], [profile.name]]
      .map((part) => part.filter(Boolean).join(', '))
      .filter(Boolean)
      .join('  ·  '),
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

function proved(pdf: Pdf, { summary }: Handover, start: number): number {
  const { proof } = summary;
  const measured = measuredLine(summary);
  const lines = [
    ...triedLines(summary),
    ...proof.says.map(({ words }) => words),
    ...(measured === null ? [] : [measured]),
    ...(offered(summary) ??
      (summary.notTried.length > 0
        ? [`${counted(summary.notTried.length, 'check')} offered and not tried: see the last page.`]
        : [])),
    proof.automatic ? 'Seen back in automatic.' : 'Not seen back in automatic.',
    ...(summary.clock ? [`Clock: ${summary.clock}.`] : []),
  ];
  // the first lines stay on the page that the customer reads; each of them finds its own room
  const needed = summary.changed === undefined ? 90 : 50;
  let y = heading(pdf, 'What was proved', ensureRoom(pdf, start, needed));
  for (const line of lines) {
    const words = `–  ${line}`;
    y = write(pdf, words, {
      x: PAGE.left,
      y: ensureRoom(pdf, y, heightOf(pdf, words, TEXT_WIDTH)),
      width: TEXT_WIDTH,
    });
  }
  return y + 10;
}

/** As page one says it since it says what was changed; what was handed over before keeps its words. */
function offered(summary: Handover['summary']): string[] | null {
  if (summary.changed === undefined) return null;
  const line = offeredLine(summary);
  return line === null ? [] : [line];
}

/** What was changed, a line each with its units; nothing on what was handed over before it was said here. */
function changed(pdf: Pdf, { changed: lines }: Handover['summary'], start: number): number {
  if (lines === undefined) return start;
  let y = heading(pdf, 'What was changed', ensureRoom(pdf, start, 60));
  if (lines.length === 0) return write(pdf, 'No setting.', { x: PAGE.left, y, width: TEXT_WIDTH }) + 10;
  // two to a line: this page holds the proof and what is open too
  for (let i = 0; i < lines.length; i += 2) {
    const pair = lines.slice(i, i + 2).map(({ what, from, to }) => `${what}: ${from ?? 'unknown'} → ${to}`);
    y = ensureRoom(pdf, y, Math.max(...pair.map((text) => heightOf(pdf, text, HALF - 10, SMALL))));
    const below = pair.map((text, k) =>
      write(pdf, text, { x: PAGE.left + k * HALF, y, width: HALF - 10 }, SMALL),
    );
    y = Math.max(...below);
  }
  return y + 6;
}
const HALF = TEXT_WIDTH / 2;
const SMALL = { size: 9 } as const;

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

/** One slip is one entry, with what is so in each of its places. */
function alike(open: readonly HandoverFinding[]): Group[] {
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
  const groups = alike(open);
  // a heading is never left behind by what it heads
  const needed = groups.length === 0 ? 40 : 24 + roomOf(pdf, groups[0]);
  let y = heading(pdf, 'What is open, and who acts', ensureRoom(pdf, start, needed));
  if (groups.length === 0) return write(pdf, 'Nothing.', { x: PAGE.left, y, width: TEXT_WIDTH }) + 10;
  for (const group of groups) y = openPoint(pdf, group, ensureRoom(pdf, y, roomOf(pdf, group)));
  return y + 6;
}

function countsOf(groups: readonly Group[]): string {
  const of = (severity: string, one: string) => {
    const count = groups.filter(([first]) => first.severity === severity).length;
    return count === 0 ? [] : [counted(count, one)];
  };
  return [...of('stop', 'stop'), ...of('warn', 'warning'), ...of('note', 'note')].join(', ');
}

type Group = readonly [HandoverFinding, ...HandoverFinding[]];
const WHO_WIDTH = 84;
const POINT = { size: 9.5 } as const;

/** What is so in each place, then what to do, each once. */
function wordsOf(group: Group): string {
  return [...group.map(({ so }) => so), ...new Set(group.map(({ todo }) => todo))].join(' ');
}

function roomOf(pdf: Pdf, group: Group): number {
  return 16 + heightOf(pdf, wordsOf(group), TEXT_WIDTH - WHO_WIDTH, POINT);
}

function openPoint(pdf: Pdf, group: Group, start: number): number {
  const [{ whoActs, title, severity, code, reason }] = group;
  const colour = severity === 'stop' ? INK.rust : severity === 'warn' ? INK.ochre : INK.quiet;
  const bold = { ...POINT, font: 'bold' } as const;
  const at = { x: PAGE.left + WHO_WIDTH, width: TEXT_WIDTH - WHO_WIDTH };
  write(pdf, whoActs === 'customer' ? 'Customer' : 'Technician', { x: PAGE.left, y: start, width: 80 }, bold);
  let y = write(pdf, `${title}  (${severity}, ${code})`, { ...at, y: start }, { ...bold, colour });
  y = write(pdf, wordsOf(group), { ...at, y }, POINT);
  if (reason) y = write(pdf, `Said on site: ${reason}`, { ...at, y }, { ...POINT, colour: INK.quiet });
  return y + 5;
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
  if (drawn === null) {
    const inside = { x: box.x + 12, y: box.y + 22, width: box.width - 24 };
    write(pdf, `${receivedWords(handover)}.`, inside, { font: 'bold', size: 11 });
    return;
  }
  const scale = Math.min(box.width / drawn.width, box.height / drawn.height);
  pdf.save().translate(box.x, box.y).scale(scale);
  for (const path of drawn.paths) {
    // by the parser that it was taken by; what was signed before that was asked is left out where it cannot be drawn
    const [first, ...others] = strokePoints(path) ?? [];
    if (!first) continue;
    pdf.moveTo(...first);
    for (const point of others) pdf.lineTo(...point);
    pdf
      .lineWidth(1.6 / scale)
      .strokeColor(INK.ink)
      .stroke();
  }
  pdf.restore();
  const below = { x, y: box.y + box.height + 3, width };
  write(pdf, handover.signedAs, below, { size: 9, colour: INK.quiet });
}
