import type { PageQuery, SiteResource, SiteRow } from '@barythm/contract/resources';
import { QueryTypes } from 'sequelize';
import type { Database } from '../db';
import { problems } from '../problems';
import { pumpsOfSite } from './pump-list';
import { likePattern } from './search';

/** A page of sites with how many pumps each has. */
export async function listSites(database: Database, query: PageQuery) {
  const { page, size } = query;
  const like = likePattern(query.search);
  const where = `WHERE s.retiredOn IS NULL AND (s.name LIKE $like ESCAPE '\\' OR s.place LIKE $like ESCAPE '\\')`;
  const items = await database.sequelize.query<SiteRow>(
    `SELECT s.id, s.name, s.place, (SELECT COUNT(*) FROM pumps p WHERE p.siteId = s.id AND p.retiredOn IS NULL) AS pumps
       FROM sites s ${where} ORDER BY s.name LIMIT $limit OFFSET $offset`,
    { bind: { like, limit: size, offset: (page - 1) * size }, type: QueryTypes.SELECT },
  );
  const [{ total }] = await database.sequelize.query<{ total: number }>(
    `SELECT COUNT(*) AS total FROM sites s ${where}`,
    { bind: { like }, type: QueryTypes.SELECT },
  );
  return { items, total, page, size };
}

export async function sitePage(database: Database, id: string): Promise<SiteResource> {
  const site = await database.models.sites.findByPk(id);
  if (!site) throw problems.notFound('site', id);
  return {
    id,
    name: site.get('name') as string,
    place: site.get('place') as string,
    zone: site.get('zone') as string,
    retiredOn: (site.get('retiredOn') as string | null) ?? null,
    pumps: await pumpsOfSite(database, id),
  };
}
