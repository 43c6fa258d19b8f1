import type { CommandBody } from '@barythm/contract/commands';
import type { Due, JobRow, Round } from '@barythm/contract/resources';
import { addDays, weekday } from '@barythm/core/time';

/** A visit to a pump on a day: planned and free to be moved, or begun. */
export interface WeekJob {
  readonly id: string;
  readonly pumpId: string;
  readonly tag: string;
  readonly pumpName: string;
  readonly siteName: string;
  readonly date: string;
  readonly state: JobRow['state'];
}

/** What falls due at a pump for which no job is planned. */
export interface WeekDue {
  readonly pumpId: string;
  readonly tag: string;
  readonly pumpName: string;
  readonly siteName: string;
  readonly words: string;
  /** null where it is due now */
  readonly date: string | null;
}

const WEEK_days = 7;

/** The seven days of the week that a date is in, from its Monday. */
export function weekOf(date: string): string[] {
  const monday = addDays(date, 1 - weekday(date));
  return Array.from({ length: WEEK_days }, (_, i) => addDays(monday, i));
}

/** The jobs of a round with what the round does not have yet: moved to another day, planned, or taken back. */
export function jobsOf(round: Round, written: readonly CommandBody[]): WeekJob[] {
  const jobs = round.visits.flatMap(({ jobs: own }) =>
    own.map(({ id, pumpId, tag, pumpName, siteName, date, state }): WeekJob => ({
      id,
      pumpId,
      tag,
      pumpName,
      siteName,
      date,
      state,
    })),
  );
  return written.reduce(withWritten(round), jobs);
}

const withWritten =
  (round: Round) =>
  (jobs: WeekJob[], body: CommandBody): WeekJob[] => {
    if (body.kind === 'job.move')
      return jobs.map((job) => (job.id === body.jobId ? { ...job, date: body.date } : job));
    if (body.kind === 'job.record' && body.record.kind === 'cancelled')
      return jobs.filter(({ id }) => id !== body.jobId);
    if (body.kind !== 'job.start' || jobs.some(({ id }) => id === body.jobId)) return jobs;
    const known = round.due.find(({ pumpId }) => pumpId === body.pumpId);
    if (!known) return jobs;
    const { pumpId, tag, pumpName, siteName } = known;
    return [...jobs, { id: body.jobId, pumpId, tag, pumpName, siteName, date: body.date, state: 'planned' }];
  };

/** What falls due and is not planned, pump by pump, the most pressing first. */
export function dueUnplanned(round: Round, jobs: readonly WeekJob[]): WeekDue[] {
  const planned = new Set(jobs.filter(({ state }) => GOES_ON.has(state)).map(({ pumpId }) => pumpId));
  const pumps = new Map<string, [Due, ...Due[]]>();
  for (const due of round.due) {
    const known = pumps.get(due.pumpId);
    if (known) known.push(due);
    else if (!planned.has(due.pumpId)) pumps.set(due.pumpId, [due]);
  }
  return [...pumps.values()].map((dues) => ({ ...dues[0], words: dues.map(({ words }) => words).join(' ') }));
}

const GOES_ON: ReadonlySet<JobRow['state']> = new Set(['planned', 'open', 'part-changed', 'put-back']);

/** Jobs of a day, site by site. */
export function onDay(jobs: readonly WeekJob[], date: string): WeekJob[] {
  return jobs
    .filter((job) => job.date === date)
    .sort((a, b) => a.siteName.localeCompare(b.siteName) || a.tag.localeCompare(b.tag));
}

/** Why something is not put on a day; null where it may be. */
export function dayFault(date: string, today: string): string | null {
  return date < today ? 'That day is over: choose today or a later one.' : null;
}
