import { addDays, siteDate } from '../../../time';
import { recordsOf, standsAs } from '../../../visit';
import type { DueItem } from '../../family';
import type { SpaView } from '../kind';

/** The protection is tried by its test key twice a year at least. */
const TEST_days = 182;

/** What falls due: the protection's test key, half a year after it was tried; now where nobody did. */
export function dueOf({ document, checks }: SpaView): DueItem[] {
  const proved = checks.some((judged) => judged.check.key === 'rcd' && standsAs(judged) && judged.verdict.ok);
  const seen = recordsOf(document, 'spa-first')
    .filter(({ body }) => body.seen.includes('rcd'))
    .at(-1);
  const tried = seen
    ? siteDate(seen.recordedAt, document.site.zone)
    : proved
      ? document.job.plannedFor
      : null;
  const words = 'Try the residual-current protection by its test key.';
  return [
    { key: 'protection', stage: 'prove', words, date: tried === null ? null : addDays(tried, TEST_days) },
  ];
}
