import type { WeeklyEvent } from '@barythm/core/visit';
import { addDays, DAY_MIN, onDay, weekday } from '@barythm/core/time';
import { TZDate } from '@date-fns/tz';
import ical, { ICalEventRepeatingFreq, ICalWeekday } from 'ical-generator';
import { tzlib_get_ical_block } from 'timezones-ical-library';
import type { JobDocument } from '@barythm/core/families';

const WEEKDAYS = [
  ICalWeekday.MO,
  ICalWeekday.TU,
  ICalWeekday.WE,
  ICalWeekday.TH,
  ICalWeekday.FR,
  ICalWeekday.SA,
  ICalWeekday.SU,
] as const;

/** The programs that a pump was left with, as a calendar that repeats each week in the site's own zone: one event for each. */
export function calendarOf(document: JobDocument, events: readonly WeeklyEvent[]): string {
  const { site, pump, job } = document;
  const from = document.handover?.summary.siteDate ?? job.plannedFor;
  const stamped = new Date(document.handover?.recordedAt ?? job.startedAt);
  const calendar = ical({
    name: `${pump.tag}: programs`,
    prodId: { company: 'Barythm', product: 'Barythm', language: 'EN' },
    timezone: { name: site.zone, generator: zoneBlock },
  });
  for (const { key, days, start_min, lasts_min, title, words } of events) {
    const date = firstDay(days, from);
    const ends_min = start_min + lasts_min;
    calendar.createEvent({
      id: `${job.id}-${key}@barythm`,
      stamp: stamped,
      start: at(date, start_min, site.zone),
      // by the clock on the wall: a run keeps its times over the nights the clocks change
      end: at(addDays(date, Math.floor(ends_min / DAY_MIN)), ends_min % DAY_MIN, site.zone),
      timezone: site.zone,
      summary: `${pump.name}: ${title}`,
      description: words,
      location: `${site.name}, ${pump.place}`,
      repeating: {
        freq: ICalEventRepeatingFreq.WEEKLY,
        byDay: WEEKDAYS.filter((_, day) => onDay(days, day + 1)),
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

/** The first date on or after a date that is one of some days of the week. */
function firstDay(days: string, from: string): string {
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
