import type { Due, PumpResource } from '@barythm/contract/resources';
import { siteDate, dateInWords } from '@barythm/core/time';
import { viewJob } from '@barythm/core/job';
import { lastRecord } from '@barythm/core/visit';
import { familyOf, laterDate } from '@barythm/core/families';

/** What falls due later than this is not on the round yet. */
export const AHEAD_days = 31;
/** A clock is looked at again after this long. */
const CLOCK_days = 183;

/** What falls due at a pump by date or by strokes, whenever that is. Open findings stand on the round by themselves. */
export function everDue(pump: PumpResource): Due[] {
  const { latest, today } = pump;
  const own = latest ? familyOf(latest.profile.family).due(viewJob(latest, today), agreedOn(pump)) : [];
  const items = own.map(({ kind, words, date }) => due(pump, kind, words, date));
  return [...items, ...clock(pump), ...visit(pump)];
}

function due(pump: PumpResource, kind: Due['kind'], words: string, date: string | null): Due {
  const { id, tag, siteName, today } = pump;
  const open = pump.jobs.find((job) => job.state === 'open' || job.state === 'planned');
  return {
    pumpId: id,
    openJobId: open?.id ?? null,
    tag,
    siteName,
    kind,
    words,
    date,
    overdue: date !== null && date < today,
  };
}

function clock(pump: PumpResource): Due[] {
  if (!pump.profile.behaviours.hasClock || !pump.latest) return [];
  const record = lastRecord(pump.latest, 'clock');
  if (!record) return [];
  const read = siteDate(record.recordedAt, pump.zone);
  return [due(pump, 'clock', `Check the clock: last on ${dateInWords(read)}.`, laterDate(read, CLOCK_days))];
}

/** Days since the tank and the counter were written down: when the duty was last agreed. */
function agreedOn(pump: PumpResource): string {
  const plan = pump.latest?.plans[pump.latest.plans.length - 1];
  return plan ? siteDate(plan.recordedAt, pump.zone) : pump.today;
}

function visit(pump: PumpResource): Due[] {
  const date = pump.latest?.handover?.nextDue;
  return date ? [due(pump, 'visit', 'The visit agreed at the last hand-over.', date)] : [];
}
