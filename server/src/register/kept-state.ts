import type { JobDocument } from '@barythm/core/families';
import { isUntouched, type PumpKnown } from '@barythm/core/job';
import { siteDate } from '@barythm/core/time';
import { QueryTypes } from 'sequelize';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { keptOf, type Kept } from './kept';
import { jobBefore } from '../jobs';
import { pumpPage } from './pumps';

/** How a pump is worked out: here, or on a thread of its own. */
export type WorkOut = (pump: PumpKnown) => Kept | Promise<Kept>;

/** Works out a pump anew and keeps what it comes to: once a day, and wherever more is to be read than its latest job. */
export async function keepState(
  database: Database,
  clock: Clock,
  pumpId: string,
  workOut: WorkOut = keptOf,
): Promise<void> {
  const pump = await pumpPage(database, clock, pumpId).catch(() => null);
  // a pump that has lost what it hangs on is no reason not to look at the others
  const asOf = pump?.today ?? (await dayAt(database, clock, pumpId));
  await keep(database, pumpId, asOf, pump ? await workOut(pump) : UNREADABLE);
}

/**
 * Works out a pump anew after a write to one of its jobs, from the job as it was just written: nothing of it is read again. Where
 * another job is later, or another unit stands there by now, the pump is read as a whole.
 */
export async function keepStateAfter(
  database: Database,
  clock: Clock,
  document: JobDocument,
  workOut: WorkOut = keptOf,
): Promise<void> {
  const { job, pump, unit, site, profile } = document;
  const [standing] = await database.sequelize.query<Standing>(STANDING, {
    bind: { pumpId: pump.id },
    type: QueryTypes.SELECT,
  });
  const latest = standing?.jobId === job.id && standing.unitId === unit.id;
  if (!latest) return keepState(database, clock, pump.id, workOut);
  const today = siteDate(clock(), site.zone);
  const reported =
    standing.reported === null ? null : (JSON.parse(standing.reported) as PumpKnown['reported']);
  const { signalFrom } = pump;
  const before = isUntouched(document) ? await jobBefore(database.models, document) : null;
  // of duties that of its latest job counts
  const duty = null;
  const known = {
    profile,
    unit,
    duty,
    signalFrom,
    reported,
    latest: document,
    before,
    today,
    zone: site.zone,
  };
  await keep(database, pump.id, today, await workOut(known), job);
}

/** The latest job of a pump, cancelled ones apart, the unit that stands there, and what was reported of it. */
interface Standing {
  readonly jobId: string | null;
  readonly unitId: string | null;
  /** what the site reported of that unit, as JSON */
  readonly reported: string | null;
}

const STANDING = `
  SELECT (SELECT id FROM jobs WHERE pumpId = $pumpId AND state <> 'cancelled'
           ORDER BY plannedFor DESC, startedAt DESC LIMIT 1) AS jobId,
         (SELECT id FROM units WHERE pumpId = $pumpId AND toDate IS NULL LIMIT 1) AS unitId,
         (SELECT reported FROM pumps WHERE id = $pumpId
             AND NOT (EXISTS (SELECT 1 FROM units WHERE pumpId = $pumpId AND toDate IS NOT NULL)
                      AND json_extract(reported, '$.date') <=
                          (SELECT fromDate FROM units WHERE pumpId = $pumpId AND toDate IS NULL))) AS reported`;

const UNREADABLE: Kept = {
  stops: 0,
  warns: 1,
  notes: 0,
  worst: 'Cannot be read: its unit or profile is missing.',
  strip: null,
  dues: [],
};

/** @param of the job, at the version, that it was worked out of: one that was written to since keeps what came of that */
async function keep(
  database: Database,
  pumpId: string,
  asOf: string,
  kept: Kept,
  of: { readonly id: string; readonly version: number } | null = null,
): Promise<void> {
  const { models } = database;
  await database.write(async (transaction) => {
    const { id, version } = of ?? {};
    if (of && !(await models.jobs.findOne({ where: { id, version }, attributes: ['id'], transaction })))
      return;
    const { dues, ...state } = kept;
    await models.pump_states.upsert({ pumpId, asOf, ...state }, { transaction });
    await models.dues.destroy({ where: { pumpId }, transaction });
    if (dues.length > 0) {
      await models.dues.bulkCreate(
        dues.map((due) => ({ pumpId, ...due })),
        { transaction },
      );
    }
  });
}

/** The date at the site of a pump that cannot be read itself. */
async function dayAt(database: Database, clock: Clock, pumpId: string): Promise<string> {
  const [site] = await database.sequelize.query<{ zone: string }>(
    'SELECT s.zone FROM pumps p JOIN sites s ON s.id = p.siteId WHERE p.id = $pumpId',
    { bind: { pumpId }, type: QueryTypes.SELECT },
  );
  return siteDate(clock(), site?.zone ?? 'UTC');
}

/** At most so many pumps are looked at before others get their turn. */
const SLICE = 25;

/**
 * Pumps that hold anything, and were not looked at on their site's own date of now: the longest ago first. A state of a later date is
 * of a clock that ran ahead, and as wrong as one of yesterday.
 */
async function stale(database: Database, now: string, most: number): Promise<string[]> {
  const zones = await database.sequelize.query<{ zone: string }>('SELECT DISTINCT zone FROM sites', {
    type: QueryTypes.SELECT,
  });
  if (zones.length === 0) return [];
  const bind: Record<string, unknown> = { most };
  const days = zones.map(({ zone }, i) => {
    bind[`zone${i}`] = zone;
    bind[`day${i}`] = siteDate(now, zone);
    return `WHEN $zone${i} THEN $day${i}`;
  });
  const rows = await database.sequelize.query<{ id: string }>(
    `SELECT p.id FROM pumps p JOIN sites s ON s.id = p.siteId LEFT JOIN pump_states k ON k.pumpId = p.id
      WHERE (k.asOf IS NULL OR k.asOf <> CASE s.zone ${days.join(' ')} END)
        AND (p.reported IS NOT NULL OR EXISTS (SELECT 1 FROM jobs j WHERE j.pumpId = p.id))
      ORDER BY k.asOf IS NOT NULL, k.asOf LIMIT $most`,
    { bind, type: QueryTypes.SELECT },
  );
  return rows.map(({ id }) => id);
}

/** Brings up to a slice of pumps up to today; answers whether more are left. */
export async function refreshSlice(database: Database, clock: Clock, workOut?: WorkOut): Promise<boolean> {
  const ids = await stale(database, clock(), SLICE);
  for (const id of ids) await keepState(database, clock, id, workOut);
  return ids.length === SLICE;
}
