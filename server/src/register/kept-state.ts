import type { PumpResource } from '@barythm/contract/resources';
import { siteDate } from '@barythm/core/time';
import { QueryTypes } from 'sequelize';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { keptOf, type Kept } from './kept';
import { pumpPage } from './pumps';

/** How a pump is worked out: here, or on a thread of its own. */
export type WorkOut = (pump: PumpResource) => Kept | Promise<Kept>;

/** Works out a pump anew and keeps what it comes to: after each write to it, and once a day. */
export async function keepState(
  database: Database,
  clock: Clock,
  pumpId: string,
  workOut: WorkOut = keptOf,
): Promise<void> {
  const pump = await pumpPage(database, clock, pumpId).catch(() => null);
  // a pump that has lost what it hangs on is no reason not to look at the others
  const asOf = pump?.today ?? (await dayAt(database, clock, pumpId));
  const kept: Kept = pump
    ? await workOut(pump)
    : {
        stops: 0,
        warns: 1,
        notes: 0,
        worst: 'Cannot be read: its unit or profile is missing.',
        strip: null,
        dues: [],
      };
  const { models } = database;
  await database.write(async (transaction) => {
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
