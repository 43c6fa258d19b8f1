import { QueryTypes } from 'sequelize';
import type { Migration } from '../migration';

interface Origin {
  readonly source: 'left' | 'reported' | 'unknown';
  readonly date: string;
}

interface LastLeft {
  readonly source: 'left' | 'reported';
  readonly date: string;
  readonly values: Readonly<Record<string, unknown>>;
  readonly origins?: Readonly<Record<string, Origin>>;
}

interface JobLine {
  readonly id: string;
  readonly pumpId: string;
  readonly plannedFor: string;
  readonly lastLeft: string | null;
}

/**
 * Values that a site had reported were called left by a technician once any job was handed over. Each value that a job started from
 * gets back whose word it is, where earlier jobs or the report show it; where they do not, it is said to be unknown. Then every pump
 * is looked at anew: stops that one reading had wiped stand again. What was handed over stays as it was signed.
 */
export const migration005: Migration = {
  name: '005-whose-word',
  async up({ context: db }) {
    const rows = <T extends object>(sql: string, bind: Record<string, unknown> = {}) =>
      db.sequelize.query<T>(sql, { bind, type: QueryTypes.SELECT });
    const jobs = await rows<JobLine>(
      `SELECT id, pumpId, plannedFor, lastLeft FROM jobs
        WHERE state <> 'cancelled' ORDER BY pumpId, plannedFor, startedAt`,
    );
    let pumpId = '';
    let known = new Map<string, Origin>();
    let reported: { date: string; values: Record<string, unknown> } | null = null;
    for (const job of jobs) {
      if (job.pumpId !== pumpId) {
        pumpId = job.pumpId;
        known = new Map();
        const [pump] = await rows<{ reported: string | null }>(
          'SELECT reported FROM pumps WHERE id = $pumpId',
          {
            pumpId,
          },
        );
        reported = parsed(pump?.reported ?? null);
      }
      const lastLeft = parsed<LastLeft>(job.lastLeft);
      if (lastLeft?.source === 'left' && !lastLeft.origins) {
        const origins = originsOf(lastLeft, known, reported);
        if (Object.keys(origins).length > 0)
          await db.sequelize.query('UPDATE jobs SET lastLeft = $lastLeft WHERE id = $id', {
            bind: { lastLeft: JSON.stringify({ ...lastLeft, origins }), id: job.id },
          });
      }
      const read = await rows<{ address: string }>(
        `SELECT DISTINCT address FROM sheet_entries
          WHERE jobId = $id AND kind <> 'target' AND value IS NOT NULL AND value <> 'null'`,
        { id: job.id },
      );
      for (const { address } of read) known.set(keyOf(address), { source: 'left', date: job.plannedFor });
    }
    // worked out anew before anybody asks for it
    await db.sequelize.query("UPDATE pump_states SET asOf = ''");
  },
};

function parsed<T>(text: string | null): T | null {
  return text === null ? null : (JSON.parse(text) as T | null);
}

/** Of values that are not as the whole says: who they come from. */
function originsOf(
  { date, values }: LastLeft,
  known: ReadonlyMap<string, Origin>,
  reported: { readonly date: string; readonly values: Readonly<Record<string, unknown>> } | null,
): Record<string, Origin> {
  const origins: Record<string, Origin> = {};
  for (const [key, value] of Object.entries(values)) {
    const read = known.get(key);
    if (read) {
      if (read.date !== date) origins[key] = read;
      continue;
    }
    const told = reported !== null && reported.values[key] === value;
    origins[key] = told ? { source: 'reported', date: reported.date } : { source: 'unknown', date };
  }
  return origins;
}

/** The key of an address among a sheet's values, as it was when this was written. */
function keyOf(address: string): string {
  const [, index, key] = address.split('/');
  return index === '1' ? key : `${key}/${index}`;
}
