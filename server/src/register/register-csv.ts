import { Readable } from 'node:stream';
import type { RegisterPreview } from '@barythm/contract/resources';
import Papa from 'papaparse';
import { QueryTypes } from 'sequelize';
import type { Database } from '../db';
import { problems } from '../problems';
import { FORMULA } from '../report';
import {
  LATER_COLUMNS,
  lineCheck,
  REGISTER_COLUMNS,
  writeLines,
  type RegisterColumn,
  type RegisterLine,
} from './register-line';

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

/** Rows that are read and written out at once: others are answered in between. */
const SLICE = 1000;

/** The whole register as CSV, in the columns that come in again; written out slice by slice as it is read. */
export function exportRegister(database: Database): Readable {
  return Readable.from(csvSlices(database));
}

async function* csvSlices(database: Database): AsyncGenerator<string> {
  yield csvOf([...REGISTER_COLUMNS], []);
  // after the last row of the slice before, by the order they are read in: no slice counts those it leaves out
  let after = { site: '', tag: '' };
  for (;;) {
    const rows = await database.sequelize.query<Record<string, string | null>>(
      `SELECT s.name AS site, s.place AS site_place, s.zone, p.tag, p.name, p.place, u.profileId AS profile, u.model,
              u.serial, json_extract(u.plate, '$.gear') AS gear,
              json_extract(u.plate, '$.greatest_spm') AS greatest_spm,
              json_extract(u.plate, '$.rated_bar') AS rated_bar,
              json_extract(u.plate, '$.greatest_rpm') AS greatest_rpm,
              json_extract(u.plate, '$.rated_W') AS rated_W, json_extract(u.plate, '$.kind') AS kind
         FROM sites s JOIN pumps p ON p.siteId = s.id JOIN units u ON u.pumpId = p.id AND u.toDate IS NULL
        WHERE (s.name, p.tag) > ($site, $tag)
        ORDER BY s.name, p.tag LIMIT ${SLICE}`,
      { bind: after, type: QueryTypes.SELECT },
    );
    if (rows.length === 0) return;
    yield csvOf(
      null,
      rows.map((row) => REGISTER_COLUMNS.map((column) => row[column] ?? '')),
    );
    const last = rows[rows.length - 1];
    after = { site: last.site ?? '', tag: last.tag ?? '' };
  }
}

/** Lines of CSV, each with its end. */
function csvOf(fields: string[] | null, data: unknown[][]): string {
  const rows = fields ? [fields, ...data] : data;
  return `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: FORMULA })}\r\n`;
}

async function readRegister(database: Database, text: string): Promise<Read> {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  const names = head.map((name) => name.trim());
  const missing = REGISTER_COLUMNS.filter(
    (column) => !names.includes(column) && !LATER_COLUMNS.includes(column),
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
  const lines = rows.map(
    (cells) =>
      Object.fromEntries(
        REGISTER_COLUMNS.map((column) => [column, unescaped(cells[names.indexOf(column)] ?? '').trim()]),
      ) as Record<RegisterColumn, string>,
  );
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
