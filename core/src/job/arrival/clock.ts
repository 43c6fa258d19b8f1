import { clockErrorInWords, siteDate, siteTime, dateInWords } from '../../time';
import { lastRecord, recordsOf, type ClockBody } from '../../visit';
import type { Earlier, JobDocument } from '../../families';

interface ClockReading {
  /** site date */
  readonly date: string;
  readonly body: ClockBody;
}

/** Readings of this unit's clock, the oldest first: the last of each earlier job, then those of this one. */
export function clockReadings(document: JobDocument): ClockReading[] {
  const earlier = (document.earlier ?? []).flatMap(({ date, body }) =>
    body.kind === 'clock' ? [{ date, body }] : [],
  );
  const own = recordsOf(document, 'clock').map(({ body, recordedAt }) => ({
    date: siteDate(recordedAt, document.site.zone),
    body,
  }));
  return [...earlier, ...own];
}

/** The last reading of the clock, which tells how it was left: at most one, for the jobs to come. */
export function clockLeft(document: JobDocument): Earlier[] {
  return clockReadings(document)
    .filter(({ body }) => body.error_min !== null)
    .slice(-1);
}

/** Readings nearer than this tell more of the minute they were read in than of drift. */
const DRIFT_LEAST_days = 14;
/** More than this is no drift: somebody set it, summer time began or the power was off. */
const DRIFT_MOST_min = 30;
const MONTH_days = 30;

export interface ClockDrift {
  /** minutes that the clock gains in 30 days, negative when it loses */
  readonly perMonth_min: number;
  readonly since: string;
  readonly days: number;
}

/**
 * Drift of the clock between how an earlier job left it and how this one found it; null where nothing earlier was read, the readings
 * are too near, or it was set in between.
 */
export function clockDrift(document: JobDocument): ClockDrift | null {
  const zone = document.site.zone;
  const left = clockReadings({ ...document, records: [] }).pop();
  const found = recordsOf(document, 'clock').find(({ body }) => body.error_min !== null);
  if (!left || left.body.error_min === null || !found) return null;
  const days = (Date.parse(siteDate(found.recordedAt, zone)) - Date.parse(left.date)) / 86_400_000;
  const gained_min = found.body.error_min! - (left.body.setRight ? 0 : left.body.error_min);
  if (days < DRIFT_LEAST_days || Math.abs(gained_min) > DRIFT_MOST_min) return null;
  return { perMonth_min: (gained_min * MONTH_days) / days, since: left.date, days };
}

/** The drift in words; empty where there is nothing to say. */
export function driftInWords(drift: ClockDrift | null): string {
  if (!drift) return '';
  const minutes = Math.round(Math.abs(drift.perMonth_min) * 10) / 10;
  if (minutes === 0) return `The clock has kept time since ${dateInWords(drift.since)}.`;
  return `It ${drift.perMonth_min > 0 ? 'gains' : 'loses'} ${minutes} min a month, by the readings since ${dateInWords(drift.since)}.`;
}

/** The clock as papers say it; null where nobody wrote anything down of it. */
export function clockWords(document: JobDocument): string | null {
  const record = lastRecord(document, 'clock');
  if (!record) return null;
  const { error_min, setRight, reason } = record.body;
  if (error_min === null) return `not read: ${reason ?? ''}`;
  const at = siteTime(record.recordedAt, document.site.zone);
  const off = `${clockErrorInWords(error_min)} at ${at}${setRight ? ', set right' : ''}`;
  // whoever prints it ends the sentence
  return [off, driftInWords(clockDrift(document)).replace(/\.$/, '')].filter(Boolean).join('. ');
}

/** Whether a reading says which day the clock takes today for. */
export function readsItsDay({ shown }: ClockBody): boolean {
  return shown?.weekday !== undefined || shown?.date !== undefined;
}
