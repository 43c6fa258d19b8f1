import { QueryTypes } from 'sequelize';
import type { Database } from '../db';

/** One word of a search, or the words that come nearest to it: any of them does. */
export type Term = readonly string[];

/** More words than this are no search. */
const MOST_WORDS = 8;

/** The words of a search, in whatever order they were typed. */
export function termsOf(search: string): Term[] {
  const words = search.split(/[\s,;()]+/).filter((word) => word !== '');
  return [...new Set(words)].slice(0, MOST_WORDS).map((word) => [word]);
}

/** The index holds runs of three signs: a shorter word is looked for in each line. */
const TRIGRAM = 3;

/** What the index is asked for, of one kind of pump or all; null where every word is too short for it. */
export function matchOf(terms: readonly Term[], family?: string): string | null {
  const asked = terms.filter((words) => words.every((word) => [...word].length >= TRIGRAM));
  if (asked.length === 0) return null;
  const quoted = (word: string) => `"${word.replaceAll('"', '""')}"`;
  const words = asked.map((near) => `(${near.map(quoted).join(' OR ')})`).join(' AND ');
  return `line : (${words})${family === undefined ? '' : ` AND family : ${quoted(family)}`}`;
}

/** Escapes what LIKE would take for a wildcard. */
export function likePattern(search: string): string {
  return `%${search.trim().replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`;
}

/** Under this a word of one slip is another word. */
const SHORTEST_SLIP = 4;
const LONGEST_SLIP = 24;
/** Of more words than these nobody meant one. */
const MOST_NEAR = 6;

/**
 * Each word that no pump has, replaced by those that are one slip away from it (a sign too many, too few, wrong, or two in the wrong
 * order); null where there is nothing to replace, or nothing to replace it by. It asks for a handful of rows by their key, however many
 * words the register knows.
 */
export async function nearestTerms(database: Database, terms: readonly Term[]): Promise<Term[] | null> {
  const nearest = await Promise.all(
    terms.map(async (term) => ((await isKnown(database, term)) ? term : wordsNear(database, term[0]))),
  );
  const changed = nearest.some((words, i) => words !== terms[i]);
  return changed && nearest.every((words) => words.length > 0) ? nearest : null;
}

async function isKnown(database: Database, term: Term): Promise<boolean> {
  const match = matchOf([term]);
  const [sql, bind] =
    match === null
      ? [
          "SELECT 1 AS one FROM search_lines WHERE line LIKE $like ESCAPE '\\' LIMIT 1",
          { like: likePattern(term[0]) },
        ]
      : ['SELECT 1 AS one FROM pump_search WHERE pump_search MATCH $match LIMIT 1', { match }];
  return (await database.sequelize.query(sql, { bind, type: QueryTypes.SELECT })).length > 0;
}

async function wordsNear(database: Database, typed: string): Promise<string[]> {
  // as the register's words are kept: capitals of plain letters alone are no difference
  const word = typed.replace(/[A-Z]/g, (sign) => sign.toLowerCase());
  if (word.length < SHORTEST_SLIP || word.length > LONGEST_SLIP) return [];
  const shorter = [...new Set(Array.from(word, (_, i) => word.slice(0, i) + word.slice(i + 1)))];
  const rows = await database.sequelize.query<{ word: string }>(
    `SELECT word FROM search_words WHERE word IN (SELECT value FROM json_each($shorter))
     UNION SELECT word FROM search_slips WHERE slip = $word OR slip IN (SELECT value FROM json_each($shorter))`,
    { bind: { word, shorter: JSON.stringify(shorter) }, type: QueryTypes.SELECT },
  );
  return rows
    .map((row) => row.word)
    .filter((near) => isOneSlip(word, near) && !isOtherTag(word, near))
    .slice(0, MOST_NEAR);
}

/** As many figures are a serial, which is mistyped; fewer are a tag, whose neighbours are other pumps. */
const SERIAL_FIGURES = 5;

/** The tag of another pump is no slip: of a tag only the signs between its letters and figures are forgiven. */
function isOtherTag(a: string, b: string): boolean {
  const figures = a.replace(/\D/g, '').length;
  const [one, other] = [a, b].map((word) => word.replace(/[^\p{L}\p{N}]/gu, ''));
  return figures > 0 && figures < SERIAL_FIGURES && one !== other;
}

/** Whether one word is another with one sign more, fewer or other, or with two neighbours in the wrong order. */
export function isOneSlip(a: string, b: string): boolean {
  if (a === b || Math.abs(a.length - b.length) > 1) return false;
  let from = 0;
  while (from < Math.min(a.length, b.length) && a[from] === b[from]) from += 1;
  const [restA, restB] = [a.slice(from), b.slice(from)];
  return (
    restA.slice(1) === restB.slice(1) ||
    restA.slice(1) === restB ||
    restA === restB.slice(1) ||
    (restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2))
  );
}
