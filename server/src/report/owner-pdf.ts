import { ownerPage, viewJob } from '@barythm/core/job';
import type { JobDocument } from '@barythm/core/families';
import { inWordsFor } from '@barythm/core/units';
import {
  ensureRoom,
  finish,
  footers,
  heading,
  heightOf,
  INK,
  newDocument,
  PAGE,
  rule,
  TEXT_WIDTH,
  write,
} from './paper';

const SIZE = 11;
const INDENT = 12;

/** The page for those who live with a pump: what they have to know, large enough to hang beside it. */
export function ownerPdf(document: JobDocument, today: string, createdAt: string): Promise<Buffer> {
  const pdf = newDocument(`${document.pump.tag}: how it works`, createdAt);
  inWordsFor(document.handover?.units ?? 'metric', () => {
    const { title, about, sections } = ownerPage(viewJob(document, today));
    const across = { x: PAGE.left, width: TEXT_WIDTH };
    let y = write(pdf, title, { ...across, y: PAGE.top }, { font: 'bold', size: 24, tag: 'H1' });
    y = write(pdf, about, { ...across, y: y + 2 }, { size: 12, colour: INK.quiet });
    rule(pdf, y + 6);
    y += 16;
    for (const { heading: words, lines } of sections) {
      y = heading(pdf, words, ensureRoom(pdf, y, 48));
      for (const line of lines) {
        const within = { x: PAGE.left + INDENT, width: TEXT_WIDTH - INDENT };
        y = ensureRoom(pdf, y, heightOf(pdf, line, within.width, { size: SIZE }));
        pdf
          .circle(PAGE.left + 4, y + SIZE * 0.62, 1.6)
          .fillColor(INK.petrol)
          .fill();
        y = write(pdf, line, { ...within, y }, { size: SIZE }) + 2;
      }
      y += 8;
    }
  });
  const { site, unit, pump } = document;
  const which = [unit.model, unit.serial && `serial ${unit.serial}`].filter(Boolean).join(', ');
  footers(pdf, [site.name, pump.tag, which].filter(Boolean).join('  ·  '));
  return finish(pdf);
}
