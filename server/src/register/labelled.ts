import { QueryTypes } from 'sequelize';
import type { Database } from '../db';
import { problems } from '../problems';
import type { LabelPump } from '../report';

/** A paper of more labels than this is printed site by site. */
export const MOST_LABELS = 600;

/** The pumps of a site (or one pump, or all) as their labels name them. Refuses more than a paper holds. */
export async function labelPumps(
  database: Database,
  { site, pump }: { site?: string; pump?: string },
): Promise<LabelPump[]> {
  const pumps = await database.sequelize.query<LabelPump>(
    `SELECT p.tag, p.name, s.name AS siteName, p.code FROM pumps p JOIN sites s ON s.id = p.siteId
      WHERE ($site IS NULL OR p.siteId = $site) AND ($pump IS NULL OR p.id = $pump) AND p.retiredOn IS NULL ORDER BY s.name, p.tag LIMIT ${MOST_LABELS + 1}`,
    { bind: { site: site ?? null, pump: pump ?? null }, type: QueryTypes.SELECT },
  );
  if (pumps.length > MOST_LABELS) {
    throw problems.tooMany(`At most ${MOST_LABELS} labels at once: print them site by site.`);
  }
  return pumps;
}

/** The pump that a label's short code names. */
export async function pumpByCode(database: Database, code: string): Promise<{ id: string }> {
  const row = await database.models.pumps.findOne({ where: { code: code.toUpperCase() } });
  if (!row) throw problems.notFound('pump with the code', code);
  return { id: row.get('id') as string };
}
