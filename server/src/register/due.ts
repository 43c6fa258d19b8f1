import type { Due, PumpResource } from '@barythm/contract/resources';
import { stockOf, understand, type MeteringContext } from '@barythm/core/families/metering';
import { THRESHOLDS } from '@barythm/core/findings';
import { siteDate, dateInWords } from '@barythm/core/time';
import { lastRecord, measuredHistory, standingCalibration, viewJob } from '@barythm/core/job';

const DAY_MS = 86_400_000;
/** What falls due later than this is not on the round yet. */
export const AHEAD_days = 31;
/** A clock is looked at again after this long. */
const CLOCK_days = 183;

/** What falls due at a pump by date or by strokes, whenever that is. Open findings stand on the round by themselves. */
export function everDue(pump: PumpResource): Due[] {
  const { latest, today } = pump;
  const view = latest && viewJob(latest, today);
  const context = view?.family === 'metering' ? view.context : null;
  return [...calibration(pump), ...clock(pump), ...(context ? stock(pump, context) : []), ...visit(pump)];
}

/** Nothing is planned further ahead than this: what comes later may as well never come. */
const LATEST_days = 36_500;

function later(date: string, days: number): string {
  return new Date(Date.parse(date) + Math.min(LATEST_days, days) * DAY_MS).toISOString().slice(0, 10);
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

function calibration(pump: PumpResource): Due[] {
  const standing = pump.latest && standingCalibration(measuredHistory(pump.latest));
  if (!standing) return [];
  if (standing.servicedSince) return [due(pump, 'calibration', 'Draw down again: serviced since.', null)];
  const date = later(standing.date, THRESHOLDS.calibrationAge_days);
  return [due(pump, 'calibration', `Draw down again: last on ${dateInWords(standing.date)}.`, date)];
}

function clock(pump: PumpResource): Due[] {
  if (!pump.profile.behaviours.hasClock || !pump.latest) return [];
  const record = lastRecord(pump.latest, 'clock');
  if (!record) return [];
  const read = siteDate(record.recordedAt, pump.zone);
  return [due(pump, 'clock', `Check the clock: last on ${dateInWords(read)}.`, later(read, CLOCK_days))];
}

/** Days since the tank and the counter were written down: when the duty was last agreed. */
function agreedOn(pump: PumpResource): string {
  const plan = pump.latest?.plans[pump.latest.plans.length - 1];
  return plan ? siteDate(plan.recordedAt, pump.zone) : pump.today;
}

function stock(pump: PumpResource, context: MeteringContext): Due[] {
  const held = stockOf(context, understand(context.profile, context.plate, context.inForce));
  if (!held) return [];
  const after = (days: number) => later(agreedOn(pump), Math.floor(days));
  const { service } = context.duty;
  return [
    ...(held.warn_days === null
      ? []
      : [
          due(
            pump,
            'tank',
            held.atMost
              ? `Look at the tank: at the greatest feed, ${held.daily_L.toFixed(1)} L a day, it is down to its warn level.`
              : `Fill the tank: down to its warn level at ${held.daily_L.toFixed(1)} L a day.`,
            after(held.warn_days),
          ),
        ]),
    ...(held.service_days === null || !service
      ? []
      : [
          due(
            pump,
            'service',
            `${service.what}: ${Math.round(service.everyStrokes / 1000)} thousand strokes reached.`,
            after(held.service_days),
          ),
        ]),
  ];
}

function visit(pump: PumpResource): Due[] {
  const date = pump.latest?.handover?.nextDue;
  return date ? [due(pump, 'visit', 'The visit agreed at the last hand-over.', date)] : [];
}
