import { openEnded } from '@barythm/core/findings';
import type { Handover, HandoverCheck, HandoverReset } from '@barythm/core/visit';
import { siteTime } from '@barythm/core/time';
import { paintBlocks } from './blocks/paint';
import { ensureRoom, heading, heightOf, INK, PAGE, TEXT_WIDTH, write, type Pdf } from './paper';
import type { JobDocument } from '@barythm/core/families';

/** What was seen and reset on arrival, and what was tried apart from signals; nothing where none was done. */
export function triedPage(pdf: Pdf, document: JobDocument, { summary }: Handover, start: number): void {
  const { blocks, checks, messages, resets, notTried, takenBack = [], notes = [] } = summary;
  const arrival = messages !== null || resets.length > 0;
  if (
    checks.length + notTried.length + takenBack.length + notes.length + blocks.tried.length === 0 &&
    !arrival
  )
    return;
  let y = ensureRoom(pdf, start + 14, 120);
  if (arrival) y = messagesAndResets(pdf, messages, resets, document.site.zone, y);
  y = paintBlocks(pdf, blocks.tried, y);
  if (checks.length > 0) y = heading(pdf, 'Tried at the pump', ensureRoom(pdf, y, 80));
  for (const check of checks) y = oneCheck(pdf, check, document.site.zone, ensureRoom(pdf, y, 56));
  if (notTried.length > 0) y = untried(pdf, notTried, y);
  if (notes.length > 0) y = notesLines(pdf, notes, document.site.zone, y);
  if (takenBack.length > 0) putRight(pdf, takenBack, document.site.zone, y);
}

function untried(pdf: Pdf, notTried: readonly string[], start: number): number {
  let y = heading(pdf, 'Offered and not tried', ensureRoom(pdf, start, 60));
  for (const title of notTried)
    y = write(pdf, `–  ${title}`, { x: PAGE.left, y: ensureRoom(pdf, y, 16), width: TEXT_WIDTH });
  return y + 10;
}

/** What was written beside the work, each with what it is about. */
function notesLines(
  pdf: Pdf,
  notes: NonNullable<Handover['summary']['notes']>,
  zone: string,
  start: number,
): number {
  let y = heading(pdf, 'Notes', ensureRoom(pdf, start, 60));
  for (const { about, words, recordedAt, actor } of notes) {
    const line = `${siteTime(recordedAt, zone)}  ${about === null ? '' : `${about}: `}${words} (${actor})`;
    y = ensureRoom(pdf, y, Math.min(200, heightOf(pdf, line, TEXT_WIDTH)));
    y = write(pdf, line, { x: PAGE.left, y, width: TEXT_WIDTH }) + 3;
  }
  return y + 10;
}

/** What was mistyped and taken back: it counts nowhere, and is said. */
function putRight(
  pdf: Pdf,
  takenBack: NonNullable<Handover['summary']['takenBack']>,
  zone: string,
  start: number,
): void {
  let y = heading(pdf, 'Mistyped and taken back', ensureRoom(pdf, start, 60));
  for (const { what, was, recordedAt, actor } of takenBack) {
    const line = `${siteTime(recordedAt, zone)}  ${what}${was === '' ? '' : `: ${was}`} (${actor})`;
    y = write(pdf, line, { x: PAGE.left, y: ensureRoom(pdf, y, 16), width: TEXT_WIDTH }, { size: 9 });
  }
}

function messagesAndResets(
  pdf: Pdf,
  messages: string | null,
  resets: readonly HandoverReset[],
  zone: string,
  start: number,
): number {
  let y = heading(pdf, 'Messages, faults and resets', start);
  const lines = [
    ...(messages ? [`${messages}.`] : []),
    ...resets.map(
      ({ what, why, seen, recordedAt }) =>
        `${siteTime(recordedAt, zone)} reset: ${what}. Why: ${openEnded(why)}. Seen afterwards: ${openEnded(seen ?? 'not looked at')}.`,
    ),
  ];
  for (const line of lines)
    y = write(pdf, line, { x: PAGE.left, y: ensureRoom(pdf, y, 30), width: TEXT_WIDTH }) + 3;
  return y + 10;
}

function oneCheck(pdf: Pdf, check: HandoverCheck, zone: string, start: number): number {
  const verdict = check.voided
    ? 'void: set again after it'
    : `${check.ok ? 'as expected' : 'not as expected'}${check.superseded ? '; tried again later' : ''}`;
  const colour = check.voided ? INK.quiet : check.ok ? INK.moss : INK.rust;
  write(
    pdf,
    siteTime(check.recordedAt, zone),
    { x: PAGE.left, y: start, width: 44 },
    { font: 'figures', size: 9 },
  );
  const text = { x: PAGE.left + 50, width: TEXT_WIDTH - 50 };
  let y = write(pdf, `${check.title}: ${verdict}`, { ...text, y: start }, { font: 'bold', colour });
  y = write(pdf, check.method, { ...text, y }, { size: 9, colour: INK.quiet });
  y = write(
    pdf,
    `Expected: ${check.expected} (tolerance: ${check.tolerance}). Seen: ${check.seen}.`,
    { ...text, y },
    { size: 9 },
  );
  return y + 7;
}
