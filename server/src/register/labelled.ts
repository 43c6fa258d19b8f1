import { QueryTypes } from 'sequelize';
import type { Database } from '../db';
import { problems } from '../problems';
import type { LabelPump } from '../report';

/** The pumps of a site (or one pump, or all) as their labels name them. */
export async function labelPumps(
  database: Database,
  { site, pump }: { site?: string; pump?: string },
): Promise<LabelPump[]> {
  return database.sequelize.query<LabelPump>(
    `SELECT p.tag, p.name, s.name AS siteName, p.code FROM pumps p JOIN sites s ON s.id = p.siteId
      WHERE (:site IS NULL OR p.siteId = :site) AND (:pump IS NULL OR p.id = :pump) ORDER BY s.name, p.tag`,
    { replacements: { site: site ?? null, pump: pump ?? null }, type: QueryTypes.SELECT },
  );
}

/** The pump that a label's short code names. */
export async function pumpByCode(database: Database, code: string): Promise<{ id: string }> {
  const row = await database.models.pumps.findOne({ where: { code: code.toUpperCase() } });
  if (!row) throw problems.notFound('pump with the code', code);
  return { id: row.get('id') as string };
}
