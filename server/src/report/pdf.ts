import type { Handover, JobDocument } from '@barythm/core/visit';
import { inWordsFor } from '@barythm/core/units';
import { firstPage } from './first-page';
import { checksPage } from './checks-page';
import { finish, footers, newDocument } from './paper';
import { readingsPage } from './readings-page';
import { settingsPage } from './settings-page';

/** The hand-over as PDF bytes, from what was frozen alone: printed again it is the same. */
export function handoverPdf(document: JobDocument, handover: Handover): Promise<Buffer> {
  const { pump, site } = document;
  const pdf = newDocument(`Hand-over ${pump.tag}, ${handover.summary.siteDate}`, handover.recordedAt);
  inWordsFor(handover.units ?? 'metric', () => {
    const begun = firstPage(pdf, document, handover);
    const settings = settingsPage(pdf, handover, begun);
    const readings = readingsPage(pdf, document, handover, settings);
    checksPage(pdf, document, handover, readings);
  });
  footers(
    pdf,
    `${site.name}  ·  ${pump.tag}  ·  job ${document.job.id}  ·  profile ${document.profile.id} v${document.profile.version}`,
  );
  return finish(pdf);
}
