import { ownerPage, viewJob } from '@barythm/core/job';
import type { JobDocument } from '@barythm/core/families';
import { inWordsFor } from '@barythm/core/units';
import type { FirmHead } from './firm-head';
import { paintList } from './list-paper';
import { finish, footers, newDocument } from './paper';

/** Large enough to be read where it hangs; smaller where it would not fit on one sheet. */
const SIZES = [11, 10.5, 10, 9.5] as const;

/** The page for those who live with a pump: what they have to know, to hang beside it. */
export function ownerPdf(
  document: JobDocument,
  today: string,
  createdAt: string,
  firm: FirmHead | null = null,
): Promise<Buffer> {
  const { site, unit, pump, handover } = document;
  const painted = (size: number) => {
    const pdf = newDocument(`${pump.tag}: how it works`, createdAt);
    inWordsFor(handover?.units ?? 'metric', () =>
      paintList(pdf, ownerPage(viewJob(document, today)), size, firm),
    );
    return pdf;
  };
  const [usual, ...smaller] = SIZES;
  let pdf = painted(usual);
  for (const size of smaller) if (pdf.bufferedPageRange().count > 1) pdf = painted(size);
  const which = [unit.model, unit.serial && `serial ${unit.serial}`].filter(Boolean).join(', ');
  footers(pdf, [site.name, pump.tag, which].filter(Boolean).join('  ·  '));
  return finish(pdf);
}
