import {
  wantedPrograms,
  knownPrograms,
  rulesOf,
  understand,
  type PoolContext,
  type RunningProgram,
} from '@barythm/core/families/pool';
import { viewJob, type JobDocument } from '@barythm/core/job';
import { length_min } from '@barythm/core/schedule';
import { addDays, DAY_MIN, onDay, timeOfDay, weekday } from '@barythm/core/time';
import { TZDate } from '@date-fns/tz';
import ical, { ICalEventRepeatingFreq, ICalWeekday } from 'ical-generator';
import { tzlib_get_ical_block } from 'timezones-ical-library';

const WEEKDAYS = [
  ICalWeekday.MO,
  ICalWeekday.TU,
  ICalWeekday.WE,
  ICalWeekday.TH,
  ICalWeekday.FR,
  ICalWeekday.SA,
  ICalWeekday.SU,
] as const;

/**
 * The programs that a pool pump was left with, as a calendar that repeats each week in the site's own zone: one event for each
 * enabled program. Null for a pump without programs.
 */
export function programsCalendar(document: JobDocument): string | null {
  const view = viewJob(document, document.handover?.summary.siteDate ?? document.job.plannedFor);
  if (view.family !== 'pool' || !view.context) return null;
  const { context } = view;
  const settings = understand(context.profile, context.plate, view.values.force);
  const rules = rulesOf(context.profile);
  const { site, pump, job } = document;
  const stamped = new Date(document.handover?.recordedAt ?? job.startedAt);
  const calendar = ical({
    name: `${pump.tag}: programs`,
    prodId: { company: 'Barythm', product: 'Barythm', language: 'EN' },
    timezone: { name: site.zone, generator: zoneBlock },
  });
  for (const program of knownPrograms(settings)) {
    const lasts_min = length_min(program, rules);
    if (program.enabled === false || lasts_min === 0) continue;
    const date = firstDay(program, view.today);
    const start = at(date, program.start, site.zone);
    calendar.createEvent({
      id: `${job.id}-${program.slot}@barythm`,
      stamp: stamped,
      start,
      // by the clock on the wall: a run keeps its times over the nights the clocks change
      end: at(
        addDays(date, Math.floor((program.start + lasts_min) / DAY_MIN)),
        (program.start + lasts_min) % DAY_MIN,
        site.zone,
      ),
      timezone: site.zone,
      summary: `${pump.name}: ${Math.round(program.speed)} rev/min`,
      description: `Program ${program.slot} of ${pump.tag}${nameOf(context, program)}, ${timeOfDay(program.start)} to ${timeOfDay(program.stop)}.`,
      location: `${site.name}, ${pump.place}`,
      repeating: {
        freq: ICalEventRepeatingFreq.WEEKLY,
        byDay: WEEKDAYS.filter((_, day) => onDay(program.days, day + 1)),
      },
    });
  }
  // the stamp is an instant, and RFC 5545 wants it in UTC
  return calendar.toString().replace(/^DTSTAMP:.*$/gm, `DTSTAMP:${inUtc(stamped)}`);
}

/** An instant as calendars write it: `20261124T103000Z`. */
function inUtc(instant: Date): string {
  return instant.toISOString().replace(/[-:]|\.\d+/g, '');
}

/** The first date on or after a date on which a program runs. */
function firstDay({ days }: RunningProgram, from: string): string {
  for (let ahead = 0; ahead < 7; ahead++) {
    const date = addDays(from, ahead);
    if (onDay(days, weekday(date))) return date;
  }
  return from;
}

function at(date: string, minute: number, zone: string): TZDate {
  const [year, month, day] = date.split('-').map(Number);
  return new TZDate(year, month - 1, day, Math.floor(minute / 60), minute % 60, 0, zone);
}

function zoneBlock(zone: string): string | null {
  const [block] = tzlib_get_ical_block(zone);
  return block ?? null;
}

/** What the plan called it, in brackets. */
function nameOf(context: PoolContext, { start, stop }: RunningProgram): string {
  const wanted = wantedPrograms(context).find((program) => program.start === start && program.stop === stop);
  return wanted?.name ? ` (${wanted.name})` : '';
}
