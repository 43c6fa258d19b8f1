import type { Handover } from '@barythm/core/visit';
import { inWordsFor } from '@barythm/core/units';
import { firstPage } from './first-page';
import { paintBlocks } from './blocks/paint';
import { finish, footers, newDocument } from './paper';
import { settingsPage } from './settings-page';
import { triedPage } from './tried-page';
import type { JobDocument } from '@barythm/core/families';

/**
 * The hand-over as PDF bytes, from what was frozen alone: printed again it is the same.
 *
 * @param logo of the firm that handed over, in base64
 */
export function handoverPdf(
  document: JobDocument,
  handover: Handover,
  logo: string | null = null,
): Promise<Buffer> {
  const { pump, site } = document;
  const pdf = newDocument(`Hand-over ${pump.tag}, ${handover.summary.siteDate}`, handover.recordedAt);
  inWordsFor(handover.units ?? 'metric', () => {
    const begun = firstPage(pdf, document, handover, logo);
    if (handover.summary.small) return;
    const settings = settingsPage(pdf, handover, begun);
    triedPage(pdf, document, handover, paintBlocks(pdf, handover.summary.blocks.behind, settings + 14));
  });
  footers(
    pdf,
    `${site.name}  ·  ${pump.tag}  ·  job ${document.job.id}  ·  profile ${document.profile.id} v${document.profile.version}`,
  );
  return finish(pdf);
}
