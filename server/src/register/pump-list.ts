import type { PumpPage, PumpQuery, PumpRow } from '@barythm/contract/resources';
import { FAMILY_NAMES, kindInWords } from '@barythm/core/families';
import { addDays } from '@barythm/core/time';
import { QueryTypes } from 'sequelize';
import type { Database } from '../db';
import { AHEAD_days } from './due';
import { likePattern, matchOf, nearestTerms, termsOf, type Term } from './search';

/** “Metering pump”, of each family. */
const KINDS = FAMILY_NAMES.map((family) => ({ family, words: kindInWords(family) }));

/**
 * A page of pumps, searched by everything that is known of them, the words in any order; one slip of the finger in a word is forgiven
 * where nothing is found otherwise. Without a search the page is cut from an index before anything is joined to it, and the count comes
 * in the same trip: the list has to stay quick with many pumps.
 *
 * @param today what falls due is counted from, a date
 */
export async function listPumps(database: Database, query: PumpQuery, today: string): Promise<PumpPage> {
  const terms = termsOf(query.search);
  // what stands there as it was typed is meant, before what has its words somewhere
  const typed = query.search.trim();
  const phrase = terms.length > 1 ? await pageOf(database, query, [[typed]], today) : null;
  if (phrase && phrase.total > 0) return phrase;
  const page = await pageOf(database, query, terms, today);
  if (page.total > 0 || terms.length === 0) return page;
  const nearest = await nearestTerms(database, terms);
  if (nearest === null) return page;
  const near = await pageOf(database, query, nearest, today);
  const instead = nearest.map((words) => words.join(' or ')).join(', ');
  return near.total === 0 ? page : { ...near, instead };
}

async function pageOf(
  database: Database,
  query: PumpQuery,
  terms: readonly Term[],
  today: string,
): Promise<PumpPage> {
  const { page, size, family, sort, only } = query;
  const run = (sql: string, bind: Record<string, unknown>) =>
    database.sequelize.query<PumpRow & { total: number }>(sql, { bind, type: QueryTypes.SELECT, raw: true });
  const match = matchOf(terms, family);
  const until = only === 'due' ? { until: addDays(today, AHEAD_days) } : {};
  const cut = { limit: size, offset: (page - 1) * size, ...(family && { family }), ...until };
  const which: Which = { family: family !== undefined, sort, only, match: match !== null, likes: 0 };
  const words = terms.map(([word]) => word);
  const kinds = KINDS;
  // what nearly every pump has is soonest found by walking along the tags
  if (match !== null && terms.every(isWhollyIndexed) && words.every((word) => PLAIN.test(word))) {
    const [{ total }] = await run(countOf(which), { match, ...until });
    const sql = walkedThrough({ ...which, match: false, likes: words.length });
    if (total > WALKED)
      return { items: await run(sql, { ...cut, ...likesOf(words) }), total, page, size, kinds };
  }
  const short = words.filter((word) => matchOf([[word]]) === null);
  const sql =
    terms.length === 0 && only === undefined ? allPumps(which) : found({ ...which, likes: short.length });
  const rows = await run(sql, { ...cut, ...(match !== null && { match }), ...likesOf(short) });
  // past the last page there is no row to carry the count
  const total: number =
    rows[0]?.total ?? (page === 1 ? 0 : (await pageOf(database, { ...query, page: 1 }, terms, today)).total);
  return { items: rows.map(({ total: _, ...row }): PumpRow => row), total, page, size, kinds };
}

/** One word, and long enough for the index. */
const isWhollyIndexed = (term: Term) => term.length === 1 && matchOf([term]) !== null;

const likesOf = (words: readonly string[]) =>
  Object.fromEntries(words.map((word, i) => [`like${i}`, likePattern(word)]));

/** What a list is narrowed to; of the search, whether the index answers a part of it, and how many words are too short for it. */
interface Which {
  readonly family: boolean;
  readonly sort: PumpQuery['sort'];
  readonly only?: PumpQuery['only'];
  readonly match: boolean;
  readonly likes: number;
}

/** A search that more pumps answer to than this is one that any page is full of. */
const WALKED = 2000;
/** Signs of which the index and a comparison sign by sign think the same. */
const PLAIN = /^[ -~]+$/;

export const COLUMNS = 'p.id, p.tag, p.name, p.place, p.siteId, s.name AS siteName, p.family';
const orderOf = ({ sort }: Pick<Which, 'sort'>) =>
  sort === 'site' ? 's.name, s.id, p.tag, p.id' : 'p.tag, p.id';
const inUse = ({ family }: Pick<Which, 'family'>) =>
  `p.retiredOn IS NULL${family ? ' AND p.family = $family' : ''}`;

/** Pumps with something open, and with something that falls due soon: the rows that are kept of them, and not of the others. */
const ONLY = {
  open: 'SELECT k.pumpId FROM pump_states k WHERE k.worst IS NOT NULL',
  due: 'SELECT d.pumpId FROM dues d WHERE d.date IS NULL OR d.date <= $until',
} as const;

/** A page of ids, cut along an index of tags, of a family’s tags, or site by site. */
export function cutOf(which: Pick<Which, 'family' | 'sort'>): string {
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

const INDEXED = 'SELECT rowid FROM pump_search WHERE pump_search MATCH $match';

/** What a search and what the list is narrowed to ask of a pump. */
function conditions(which: Which): string {
  const likes = Array.from({ length: which.likes }, (_, i) => ` AND l.line LIKE $like${i} ESCAPE '\\'`);
  const match = which.match ? ` AND l.n IN (${INDEXED})` : '';
  const only = which.only ? ` AND p.id IN (${ONLY[which.only]})` : '';
  return `${inUse(which)}${match}${likes.join('')}${only}`;
}

const LINES = 'search_lines l JOIN pumps p ON p.id = l.pumpId JOIN sites s ON s.id = p.siteId';

/** The index knows those in use alone, and their kind: nothing is joined to it to count them. */
const countOf = ({ only }: Which) =>
  only === undefined
    ? 'SELECT COUNT(*) AS total FROM pump_search WHERE pump_search MATCH $match'
    : `SELECT COUNT(*) AS total FROM search_lines l WHERE l.n IN (${INDEXED}) AND l.pumpId IN (${ONLY[only]})`;

const found = (which: Which) => `
  SELECT ${COLUMNS}, COUNT(*) OVER () AS total FROM ${LINES} WHERE ${conditions(which)}
   ORDER BY ${orderOf(which)} LIMIT $limit OFFSET $offset`;

/** Along the tags, or site by site, looking at each pump until the page is full. */
const walkedThrough = (which: Which) => `
  SELECT ${COLUMNS} FROM ${
    which.sort === 'site'
      ? 'sites s CROSS JOIN pumps p INDEXED BY pumps_of_site ON p.siteId = s.id'
      : 'pumps p INDEXED BY pumps_in_use CROSS JOIN sites s ON s.id = p.siteId'
  } CROSS JOIN search_lines l ON l.pumpId = p.id
   WHERE ${conditions(which)} ORDER BY ${orderOf(which)} LIMIT $limit OFFSET $offset`;

/** All pumps of a site. */
export async function pumpsOfSite(database: Database, siteId: string): Promise<PumpRow[]> {
  return database.sequelize.query<PumpRow>(
    `SELECT ${COLUMNS} FROM pumps p JOIN sites s ON s.id = p.siteId WHERE p.siteId = $siteId AND p.retiredOn IS NULL ORDER BY p.tag`,
    { bind: { siteId }, type: QueryTypes.SELECT },
  );
}
