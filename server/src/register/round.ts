import type { Due, Round } from '@barythm/contract/resources';
import { addDays, shareOfDay, siteDate } from '@barythm/core/time';
import { QueryTypes } from 'sequelize';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { AHEAD_days } from './due';
import { refreshSlice, type WorkOut } from './kept-state';
import { jobRows } from './pumps';

/** More than this nobody goes through on a phone: the most pressing are shown, and how many there are. */
const MOST_DUE = 200;
const MOST_PUMPS = 60;

/** Which day is today’s: a given one, or that of the asker’s own time zone; the first site’s where neither is said. */
export interface RoundDay {
  readonly day?: string;
  readonly zone?: string;
}

/**
 * Today's and planned visits, what falls due, and the pumps with something open, the worst first. All of it is asked for from rows
 * that are kept: nothing here grows with the register.
 *
 * @param day the phone's own day; the workshop's first site's where none is given
 */
export async function round(
  database: Database,
  clock: Clock,
  asked: RoundDay = {},
  workOut?: WorkOut,
): Promise<Round> {
  await refreshSlice(database, clock, workOut);
  const zones = await database.sequelize.query<{ zone: string }>('SELECT zone FROM sites LIMIT 1', {
    type: QueryTypes.SELECT,
  });
  const date = asked.day ?? siteDate(clock(), asked.zone ?? zones[0]?.zone ?? 'UTC');
  const [visits, due, pumps] = await Promise.all([
    visitsFrom(database, date),
    dueUntil(database, date),
    openPumps(database, clock),
  ]);
  return { date, visits, ...due, ...pumps };
}

/** Jobs that somebody began and nobody ended, of whatever day: they are not done by the night. */
const UNFINISHED = "j.state IN ('open', 'planned', 'part-changed', 'put-back')";
/** More of them fit on no round; the newest are listed. */
const MOST_JOBS = 300;

async function visitsFrom(database: Database, date: string): Promise<Round['visits']> {
  const visits = new Map<string, Round['visits'][number]>();
  const rows = await jobRows(database, `v.date >= $date OR ${UNFINISHED}`, { date }, MOST_JOBS);
  for (const { visitId, siteId, zone, ...job } of rows) {
    const visit = visits.get(visitId) ?? {
      id: visitId,
      date: job.date,
      siteId,
      siteName: job.siteName,
      zone,
      jobs: [],
    };
    visit.jobs.push(job);
    visits.set(visitId, visit);
  }
  return [...visits.values()].sort((a, b) => a.date.localeCompare(b.date));
}

const OPEN_JOB = `(SELECT j.id FROM jobs j WHERE j.pumpId = p.id AND j.state IN ('open', 'planned')
                    ORDER BY j.startedAt DESC LIMIT 1)`;

async function dueUntil(database: Database, date: string): Promise<Pick<Round, 'due' | 'dueTotal'>> {
  const rows = await database.sequelize.query<Omit<Due, 'overdue'> & { total: number }>(
    `SELECT d.pumpId, p.tag, p.name AS pumpName, s.name AS siteName, d.key, d.stage, d.words, d.date, ${OPEN_JOB} AS openJobId,
            COUNT(*) OVER () AS total
       FROM dues d JOIN pumps p ON p.id = d.pumpId JOIN sites s ON s.id = p.siteId
      WHERE p.retiredOn IS NULL AND (d.date IS NULL OR d.date <= $until)
      ORDER BY d.date IS NOT NULL, d.date, p.tag LIMIT $most`,
    { bind: { until: addDays(date, AHEAD_days), most: MOST_DUE }, type: QueryTypes.SELECT },
  );
  return {
    due: rows.map(({ total: _, ...due }) => ({ ...due, overdue: due.date !== null && due.date < date })),
    dueTotal: rows[0]?.total ?? 0,
  };
}

interface OpenRow {
  readonly id: string;
  readonly tag: string;
  readonly name: string;
  readonly place: string;
  readonly siteId: string;
  readonly siteName: string;
  readonly zone: string;
  readonly family: string;
  readonly stops: number;
  readonly warns: number;
  readonly notes: number;
  readonly worst: string;
  readonly strip: string | null;
  readonly openJobId: string | null;
  readonly total: number;
}

async function openPumps(database: Database, clock: Clock): Promise<Pick<Round, 'pumps' | 'pumpsTotal'>> {
  const rows = await database.sequelize.query<OpenRow>(
    `SELECT p.id, p.tag, p.name, p.place, p.siteId, s.name AS siteName, s.zone, p.family, k.stops, k.warns, k.notes,
            k.worst, k.strip, ${OPEN_JOB} AS openJobId, COUNT(*) OVER () AS total
       FROM pump_states k JOIN pumps p ON p.id = k.pumpId JOIN sites s ON s.id = p.siteId
      WHERE k.worst IS NOT NULL AND p.retiredOn IS NULL ORDER BY k.stops DESC, k.warns DESC, p.tag LIMIT $most`,
    { bind: { most: MOST_PUMPS }, type: QueryTypes.SELECT },
  );
  return {
    pumps: rows.map(({ stops, warns, notes, strip, zone, total: _, ...pump }) => ({
      ...pump,
      family: pump.family as Round['pumps'][number]['family'],
      counts: { stop: stops, warn: warns, note: notes },
      strip: strip === null ? null : (JSON.parse(strip) as Round['pumps'][number]['strip']),
      nowShare: shareOfDay(clock(), zone),
    })),
    pumpsTotal: rows[0]?.total ?? 0,
  };
}
