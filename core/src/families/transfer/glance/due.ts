import { recordsOf } from '../../../visit';
import { addDays, siteDate } from '../../../time';
import type { DueItem } from '../../family';
import type { TransferView } from '../kind';

/** A check valve and a float in product are looked at twice a year. */
const LOOK_days = 182;

/** What falls due: float and check valve, half a year after they were tried; now where nobody did. */
export function dueOf({ document, checks }: TransferView): DueItem[] {
  const tried = checks.some(({ check, verdict }) => check.key === 'float' && verdict.ok);
  const record = recordsOf(document, 'check')
    .filter(({ body }) => body.check === 'float')
    .at(-1);
  const words = 'Move the float over its whole way, and see the check valve hold.';
  const date = tried && record ? addDays(siteDate(record.recordedAt, document.site.zone), LOOK_days) : null;
  return [{ key: 'float', stage: 'prove', words, date }];
}
