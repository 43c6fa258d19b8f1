import type { Due } from '@barythm/contract/resources';
import { addDays, siteDate, dateInWords } from '@barythm/core/time';
import { viewJob, type PumpKnown } from '@barythm/core/job';
import { lastRecord } from '@barythm/core/visit';
import { familyOf, type JobDocument } from '@barythm/core/families';

/** What falls due later than this is not on the round yet. */
export const AHEAD_days = 31;
/** A clock is looked at again after this long. */
const CLOCK_days = 183;

/** Something that falls due at a pump, as it is kept. */
export type Falls = Pick<Due, 'key' | 'stage' | 'words' | 'date'>;

/** What falls due at a pump by date or by strokes, whenever that is. Open findings stand on the round by themselves. */
export function everDue({ latest, replaced, today, zone }: PumpKnown): Falls[] {
  if (!latest) return replaced ? [toSetUp(replaced.on)] : [];
  const own = familyOf(latest.profile.family).due(viewJob(latest, today), agreedOn(latest, today, zone));
  const { hasClock } = latest.profile.behaviours;
  return [...own, ...(hasClock ? clock(latest, zone) : []), ...visit(latest)];
}

/** A unit that took the place of another is not set up before a job says so. */
const toSetUp = (date: string): Falls => ({
  key: 'replaced',
  stage: 'as-found',
  words: `Set up the new unit: replaced on ${dateInWords(date)}.`,
  date,
});

function clock(latest: JobDocument, zone: string): Falls[] {
  const record = lastRecord(latest, 'clock');
  if (!record) return [];
  const read = siteDate(record.recordedAt, zone);
  const words = `Check the clock: last on ${dateInWords(read)}.`;
  return [{ key: 'clock', stage: 'as-found', words, date: addDays(read, CLOCK_days) }];
}

/** Days since the tank and the counter were written down: when the duty was last agreed. */
function agreedOn(latest: JobDocument, today: string, zone: string): string {
  const plan = latest.plans.at(-1);
  return plan ? siteDate(plan.recordedAt, zone) : today;
}

function visit({ handover }: JobDocument): Falls[] {
  const date = handover?.nextDue;
  return date
    ? [{ key: 'visit', stage: 'as-found', words: 'The visit agreed at the last hand-over.', date }]
    : [];
}
