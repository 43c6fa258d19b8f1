import type { JobRow, PumpQuery, PumpResource, PumpRow } from '@barythm/contract/resources';
import { FAMILY_NAMES, kindInWords, type AnyProfile, type JobDocument } from '@barythm/core/families';
import { isUntouched } from '@barythm/core/job';
import { shareOfDay, siteDate } from '@barythm/core/time';
import { QueryTypes } from 'sequelize';
import type { Clock } from '../clock';
import type { Database, Row } from '../db';
import { dutyOf, jobBefore, latestJob } from '../jobs';
import { problems } from '../problems';

/** Escapes what LIKE would take for a wildcard. */
export function likePattern(search: string): string {
  return `%${search.trim().replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;
}

export interface PumpPage {
  readonly items: PumpRow[];
  readonly total: number;
  readonly page: number;
  readonly size: number;
  readonly kinds: readonly { readonly family: string; readonly words: string }[];
}

/** “Metering pump”, of each family. */
const KINDS = FAMILY_NAMES.map((family) => ({ family, words: kindInWords(family) }));

/**
 * A page of pumps, searched by tag, name, place and site. Without a search the page is cut from an index before anything is joined to
 * it, and the count comes in the same trip: the list has to stay quick with many pumps.
 */
export async function listPumps(database: Database, query: PumpQuery): Promise<PumpPage> {
  const { page, size, family, sort } = query;
  const search = query.search.trim();
  const cut = { limit: size, offset: (page - 1) * size, ...(family && { family }) };
  const run = (sql: string, bind: Record<string, unknown>) =>
    database.sequelize.query<PumpRow & { total: number }>(sql, { bind, type: QueryTypes.SELECT, raw: true });
  const which = { family: family !== undefined, sort };
  const searched = { ...cut, like: likePattern(search) };
  if (search.length >= TRIGRAM && PLAIN.test(search)) {
    const match = matchOf(search);
    const [{ total }] = await run(foundCount(which), { match, ...(family && { family }) });
    // a word that stands nearly everywhere is soonest found by walking along the tags
    if (total > WALKED)
      return { items: await run(foundByLooking(which, false), searched), total, page, size, kinds: KINDS };
  }
  const rows =
    search === ''
      ? await run(allPumps(which), cut)
      : search.length < TRIGRAM
        ? await run(foundByLooking(which, true), searched)
        : await run(foundByIndex(which), { ...cut, match: matchOf(search) });
  // past the last page there is no row to carry the count
  const total: number =
    rows[0]?.total ?? (page === 1 ? 0 : (await listPumps(database, { ...query, page: 1 })).total);
  return { items: rows.map(({ total: _, ...row }): PumpRow => row), total, page, size, kinds: KINDS };
}

interface Which {
  readonly family: boolean;
  readonly sort: PumpQuery['sort'];
}

const COLUMNS = 'p.id, p.tag, p.name, p.place, p.siteId, s.name AS siteName, p.family';
const orderOf = ({ sort }: Which) => (sort === 'site' ? 's.name, s.id, p.tag, p.id' : 'p.tag, p.id');
const inUse = ({ family }: Which) => `p.retiredOn IS NULL${family ? ' AND p.family = $family' : ''}`;

/** A page of ids, cut along an index of tags, of a family’s tags, or site by site. */
export function cutOf(which: Which): string {
  // the order of a cross join is kept: sites by their names, and the pumps of each by their tags
  const from =
    which.sort === 'site'
      ? 'sites s CROSS JOIN pumps p INDEXED BY pumps_of_site ON p.siteId = s.id'
      : 'pumps p';
  return `SELECT p.id FROM ${from} WHERE ${inUse(which)} ORDER BY ${orderOf(which)} LIMIT $limit OFFSET $offset`;
}

/** Joined to what else a row shows only after it was cut. */
function allPumps(which: Which): string {
  return `
  SELECT ${COLUMNS}, (SELECT COUNT(*) FROM pumps p WHERE ${inUse(which)}) AS total
    FROM (${cutOf(which)}) AS cut
    JOIN pumps p ON p.id = cut.id JOIN sites s ON s.id = p.siteId
   ORDER BY ${orderOf(which)}`;
}

/** The index of names holds runs of three signs: a shorter search looks at each pump. */
const TRIGRAM = 3;

const MATCHED =
  'FROM pump_search f JOIN pumps p ON p.id = f.id JOIN sites s ON s.id = p.siteId WHERE pump_search MATCH $match';
const foundCount = (which: Which) =>
  which.family
    ? `SELECT COUNT(*) AS total ${MATCHED} AND ${inUse(which)}`
    : 'SELECT COUNT(*) AS total FROM pump_search WHERE pump_search MATCH $match';
const foundByIndex = (which: Which) => `
  SELECT ${COLUMNS}, COUNT(*) OVER () AS total ${MATCHED} AND ${inUse(which)}
   ORDER BY ${orderOf(which)} LIMIT $limit OFFSET $offset`;
const foundByLooking = (which: Which, counted: boolean) => `
  SELECT ${COLUMNS}${counted ? ', COUNT(*) OVER () AS total' : ''}
    FROM pumps p JOIN sites s ON s.id = p.siteId
   WHERE ${inUse(which)} AND (p.tag LIKE $like ESCAPE '\\' OR p.name LIKE $like ESCAPE '\\'
      OR p.place LIKE $like ESCAPE '\\' OR s.name LIKE $like ESCAPE '\\')
   ORDER BY ${orderOf(which)} LIMIT $limit OFFSET $offset`;
/** A search that more pumps answer to than this is one that any page is full of. */
const WALKED = 2000;
/** Signs of which the index and a comparison sign by sign think the same. */
const PLAIN = /^[ -~]+$/;

const matchOf = (search: string) => `"${search.replaceAll('"', '""')}"`;

/** All pumps of a site. */
export async function pumpsOfSite(database: Database, siteId: string): Promise<PumpRow[]> {
  return database.sequelize.query<PumpRow>(
    `SELECT ${COLUMNS} FROM pumps p JOIN sites s ON s.id = p.siteId WHERE p.siteId = $siteId AND p.retiredOn IS NULL ORDER BY p.tag`,
    {
      bind: { siteId },
      type: QueryTypes.SELECT,
    },
  );
}

/** Jobs, newest first, narrowed by a condition on jobs (j), pumps (p), sites (s) or visits (v). */
export async function jobRows(
  database: Database,
  where: string,
  bind: Record<string, unknown>,
  most = 1000,
): Promise<(JobRow & { visitId: string; siteId: string; zone: string })[]> {
  return database.sequelize.query(
    `SELECT j.id, j.pumpId, p.tag, p.name AS pumpName, s.name AS siteName, s.zone, j.state,
            j.plannedFor AS date, j.startedAt, j.actor, j.visitId, v.siteId
       FROM jobs j JOIN pumps p ON p.id = j.pumpId JOIN visits v ON v.id = j.visitId JOIN sites s ON s.id = v.siteId
      WHERE ${where} ORDER BY j.plannedFor DESC, j.startedAt DESC, p.tag LIMIT $most`,
    { bind: { ...bind, most }, type: QueryTypes.SELECT },
  );
}

/** A job as the pump's page would open one, when there is none: nothing written yet. */
export async function pumpPage(database: Database, clock: Clock, id: string): Promise<PumpResource> {
  const { models } = database;
  const pump = (await models.pumps.findByPk(id))?.get() as Row | undefined;
  if (!pump) throw problems.notFound('pump', id);
  const site = (await models.sites.findByPk(pump.siteId as string))?.get() as Row;
  const unit = (await models.units.findOne({ where: { pumpId: id, toDate: null } }))?.get() as Row;
  const profile = await models.profiles.findOne({
    where: { id: unit.profileId, version: unit.profileVersion },
  });
  const latest: JobDocument | null = await latestJob(database.models, id);
  const before = latest && isUntouched(latest) ? await jobBefore(database.models, latest) : null;
  const zone = site.zone as string;
  return {
    id,
    tag: pump.tag as string,
    name: pump.name as string,
    place: pump.place as string,
    siteId: pump.siteId as string,
    siteName: site.name as string,
    family: pump.family as string,
    signalFrom: pump.signalFrom as PumpResource['signalFrom'],
    note: pump.note as string,
    reported: pump.reported as PumpResource['reported'],
    zone,
    retiredOn: (pump.retiredOn as string | null) ?? null,
    code: (pump.code as string | null) ?? '',
    unit: {
      id: unit.id as string,
      model: unit.model as string,
      serial: unit.serial as string,
      plate: unit.plate as PumpResource['unit']['plate'],
      installedOn: unit.fromDate as string,
      plateReadOn: unit.plateReadAt ? siteDate(unit.plateReadAt as string, zone) : null,
    },
    profile: profile?.get('body') as AnyProfile,
    duty: latest ? dutyOf(latest) : (pump.duty as PumpResource['duty']),
    latest,
    before,
    jobs: await jobRows(database, 'j.pumpId = $id', { id }),
    today: siteDate(clock(), zone),
    nowShare: shareOfDay(clock(), zone),
  };
}
