import { Readable } from 'node:stream';
import type { RegisterPreview } from '@barythm/contract/resources';
import { PLATE_COLUMNS } from '@barythm/core/families';
import Papa from 'papaparse';
import { QueryTypes } from 'sequelize';
import type { Database } from '../db';
import { problems } from '../problems';
import { FORMULA } from '../report';
import { lineCheck, lineFrom, REGISTER_COLUMNS, writeLines, type RegisterLine } from './register-line';

const MOST_ROWS = 5000;
const MOST_FAULTS = 50;

interface Read {
  readonly lines: readonly RegisterLine[];
  readonly faults: RegisterPreview['faults'];
}

/** What a register file would bring, or its faults by line and column. Nothing is written. */
export async function previewRegister(database: Database, text: string): Promise<RegisterPreview> {
  const { lines, faults } = await readRegister(database, text);
  const known = new Set(
    (await database.models.sites.findAll({ attributes: ['name'] })).map((row) => row.get('name') as string),
  );
  const sites = new Map(lines.map((line) => [line.site, line]));
  return {
    sites: [...sites.values()].map(({ site, site_place }) => ({
      name: site,
      place: site_place,
      isNew: !known.has(site),
    })),
    pumps: lines.map(({ tag, name, site, profile }) => ({ tag, name, site, profile })),
    faults: faults.slice(0, MOST_FAULTS),
  };
}

/** Takes a register file in, all or nothing. */
export async function importRegister(
  database: Database,
  text: string,
  today: string,
  actor: string,
): Promise<{ sites: number; pumps: number }> {
  const { lines, faults } = await readRegister(database, text);
  if (faults.length > 0) throw problems.faulty(faults.slice(0, MOST_FAULTS));
  const ids = await writeLines(database, lines, today, actor);
  return { sites: ids.newSites, pumps: lines.length };
}

/** About so many rows are written out at once: others are answered in between. */
const SLICE = 1000;

/** The whole register as CSV, in the columns that come in again; written out slice by slice as it is read. */
export function exportRegister(database: Database): Readable {
  return Readable.from(csvSlices(database));
}

interface SiteRow {
  readonly id: string;
  readonly name: string;
}

async function* csvSlices(database: Database): AsyncGenerator<string> {
  yield csvOf([REGISTER_COLUMNS]);
  const sites = await database.sequelize.query<SiteRow>('SELECT id, name FROM sites ORDER BY name', {
    type: QueryTypes.SELECT,
  });
  let waiting: string[][] = [];
  for (const site of sites) {
    waiting = [...waiting, ...(await pumpsOf(database, site))];
    if (waiting.length < SLICE) continue;
    yield csvOf(waiting);
    waiting = [];
  }
  if (waiting.length > 0) yield csvOf(waiting);
}

/** The pumps of a site in the columns of a register file, by their tags: found by the index, however many others there are. */
async function pumpsOf(database: Database, { id }: SiteRow): Promise<string[][]> {
  const rows = await database.sequelize.query<Record<string, string | null>>(
    `SELECT s.name AS site, s.place AS site_place, s.zone, p.tag, p.name, p.place, u.profileId AS profile, u.model,
            u.serial, ${PLATE_COLUMNS.map((key) => `json_extract(u.plate, '$.${key}') AS ${key}`).join(', ')}
       FROM pumps p JOIN sites s ON s.id = p.siteId JOIN units u ON u.pumpId = p.id AND u.toDate IS NULL
      WHERE p.siteId = $id AND p.retiredOn IS NULL ORDER BY p.tag`,
    { bind: { id }, type: QueryTypes.SELECT },
  );
  return rows.map((row) => REGISTER_COLUMNS.map((column) => String(row[column] ?? '')));
}

/** Lines of CSV, each with its end. */
function csvOf(rows: readonly (readonly string[])[]): string {
  return `${Papa.unparse(rows as string[][], { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}

async function readRegister(database: Database, text: string): Promise<Read> {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  const names = head.map((name) => name.trim());
  const missing = REGISTER_COLUMNS.filter(
    (column) => !names.includes(column) && !PLATE_COLUMNS.includes(column),
  );
  if (missing.length > 0) {
    const words = `Columns are missing: ${missing.join(', ')}. The first line must name ${REGISTER_COLUMNS.join(', ')}.`;
    return { lines: [], faults: [{ line: 1, column: 1, words }] };
  }
  if (rows.length === 0)
    return { lines: [], faults: [{ line: 2, column: 1, words: 'No pumps under the header.' }] };
  if (rows.length > MOST_ROWS) {
    const words = `More than ${MOST_ROWS} pumps in one file: part it.`;
    return { lines: [], faults: [{ line: MOST_ROWS + 2, column: 1, words }] };
  }
  const lines = rows.map((cells) => lineFrom((column) => unescaped(cells[names.indexOf(column)] ?? '')));
  const check = await lineCheck(database, lines);
  const faults: RegisterPreview['faults'] = [];
  for (const [i, line] of lines.entries()) {
    for (const { column, words } of check(line)) {
      faults.push({ line: i + 2, column: names.indexOf(column) + 1, words });
    }
  }
  return { lines, faults };
}

/** A cell that was made safe against formulas on its way out comes in as it was. */
function unescaped(cell: string): string {
  return cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
}
