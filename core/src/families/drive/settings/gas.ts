import { siteDate } from '../../../time';
import type { EarlierRecord } from '../../../visit';
import type { PrechargeBody } from '../wire/records';
import type { DriveJob } from '../wire/job';

/** The vessel's gas as it was measured at this unit, the oldest first: by earlier jobs and by this one. */
export function gasHistory(document: DriveJob): EarlierRecord<PrechargeBody>[] {
  const own = document.records.map(({ body, recordedAt }) => ({
    date: siteDate(recordedAt, document.site.zone),
    body,
  }));
  return [...(document.earlier ?? []), ...own].flatMap(({ date, body }) =>
    body.kind === 'precharge' ? [{ date, body }] : [],
  );
}

/** The gas as it was found on this job, before it was pumped up or let off: the first that was measured empty of water; null where none was. */
export function gasFound_bar({ records }: DriveJob): number | null {
  for (const { body } of records) if (body.kind === 'precharge' && body.empty) return body.measured_bar;
  return null;
}

/**
 * The gas that counts, bar: the last measurement, else what is stated. One with water in the vessel tells the pressure of the water, and
 * puts in doubt what was known before: null.
 */
export function gasOf_bar(
  last: EarlierRecord<PrechargeBody> | undefined,
  stated_bar: number | null,
): number | null {
  if (last === undefined) return stated_bar;
  return last.body.empty ? last.body.measured_bar : null;
}
