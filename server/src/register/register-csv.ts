import { Readable } from 'node:stream';
import type { RegisterPreview } from '@barythm/contract/resources';
import { PLATE_COLUMNS, plateFrom } from '@barythm/core/families';
import Papa from 'papaparse';
import { QueryTypes, type Transaction } from 'sequelize';
import type { Database, Models, Row } from '../db';
import { problems } from '../problems';
import { FORMULA } from '../report';
import { change, type Hand } from './put-right';
import { changeInWords, compareLines, type LineChange, type RegisterDiff } from './register-diff';
import {
  latestVersions,
  lineFrom,
  OPTIONAL_COLUMNS,
  REGISTER_COLUMNS,
  sitesOf,
  writeLines,
  type Latest,
  type RegisterLine,
} from './register-line';

const MOST_ROWS = 5000;
const MOST_FAULTS = 50;

interface Read {
  readonly diff: RegisterDiff;
  readonly faults: RegisterPreview['faults'];
}
const NOTHING: RegisterDiff = { fresh: [], changes: [], unchanged: 0, faults: [] };

/** What a register file would bring and change, or its faults by line and column. Nothing is written. */
export async function previewRegister(database: Database, text: string): Promise<RegisterPreview> {
  const { diff, faults } = await readRegister(database, text);
  const { fresh, changes, unchanged } = diff;
  const lines = [...fresh, ...changes.map(({ line }) => line)];
  const name = [...new Set(lines.map(({ site }) => site))];
  const known = new Set(
    (await database.models.sites.findAll({ attributes: ['name'], where: { name } })).map(
      (row) => row.get('name') as string,
    ),
  );
  const sites = new Map(lines.map((line) => [line.site, line]));
  return {
    sites: [...sites.values()].map(({ site, site_place }) => ({
      name: site,
      place: site_place,
      isNew: !known.has(site),
    })),
    pumps: fresh.map(({ tag, name: does, site, profile }) => ({ tag, name: does, site, profile })),
    changes: changes.map(changeInWords),
    unchanged,
    faults: faults.slice(0, MOST_FAULTS),
  };
}

/** Takes a register file in, all or nothing: new pumps are added, and what is said otherwise of those here is put right. */
export async function importRegister(
  database: Database,
  text: string,
  hand: Hand,
): Promise<{ sites: number; pumps: number; changed: number }> {
  const { diff, faults } = await readRegister(database, text);
  if (faults.length > 0) throw problems.faulty(faults.slice(0, MOST_FAULTS));
  const { fresh, changes } = diff;
  const profiles = await latestVersions(database);
  const { models } = database;
  return database.write(async (transaction) => {
    const ids = await writeLines(models, fresh, profiles, hand, transaction);
    const made = await writeChanges(models, changes, profiles, hand, transaction);
    return { sites: ids.newSites + made, pumps: fresh.length, changed: changes.length };
  });
}

/** Puts the pumps right that some lines change, keeping what stood before; answers how many sites were made for them. */
async function writeChanges(
  models: Models,
  changes: readonly LineChange[],
  profiles: Latest,
  hand: Hand,
  transaction: Transaction,
): Promise<number> {
  const lines = changes.map(({ line }) => line);
  const { siteIds, made } = await sitesOf(models, lines, hand.actor, transaction);
  for (const { pump, line, columns } of changes) {
    const siteId = siteIds.get(line.site)!;
    const row = (await models.pumps.findByPk(pump.id, { transaction }))!.get() as Row;
    const unit = (await models.units.findByPk(pump.unitId, { transaction }))!.get() as Row;
    const site = (await models.sites.findByPk(siteId, { transaction }))!.get() as Row;
    const { tag, name, place, model, serial, profile } = line;
    await change(models, 'pump', row, { tag, name, place, siteId }, hand, transaction);
    const plate = columns.some((column) => PLATE_COLUMNS.includes(column))
      ? { plate: plateFrom(pump.family, { ...pump.line, ...textsOf(line, columns) }) }
      : {};
    const other = columns.includes('profile')
      ? { profileId: profile, profileVersion: profiles.get(profile)!.version }
      : {};
    await change(models, 'unit', unit, { model, serial, ...plate, ...other }, hand, transaction);
    await change(models, 'site', site, { place: line.site_place }, hand, transaction);
  }
  return made;
}

const textsOf = (line: RegisterLine, columns: readonly string[]) =>
  Object.fromEntries(columns.map((column) => [column, line[column]]));

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
            u.serial, p.code, ${PLATE_COLUMNS.map((key) => `json_extract(u.plate, '$.${key}') AS ${key}`).join(', ')}
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
    (column) => !names.includes(column) && !OPTIONAL_COLUMNS.includes(column),
  );
  if (missing.length > 0) {
    const words = `Columns are missing: ${missing.join(', ')}. The first line must name ${REGISTER_COLUMNS.join(', ')}.`;
    return { diff: NOTHING, faults: [{ line: 1, column: 1, words }] };
  }
  if (rows.length === 0)
    return { diff: NOTHING, faults: [{ line: 2, column: 1, words: 'No pumps under the header.' }] };
  if (rows.length > MOST_ROWS) {
    const words = `More than ${MOST_ROWS} pumps in one file: part it.`;
    return { diff: NOTHING, faults: [{ line: MOST_ROWS + 2, column: 1, words }] };
  }
  const lines = rows.map((cells) => lineFrom((column) => unescaped(cells[names.indexOf(column)] ?? '')));
  const profiles = await latestVersions(database);
  const diff = await compareLines(database, lines, new Set(names), profiles);
  const faults = diff.faults.map(({ at, column, words }) => ({
    line: at + 2,
    column: names.indexOf(column) + 1,
    words,
  }));
  return { diff, faults };
}

/** A cell that was made safe against formulas on its way out comes in as it was. */
function unescaped(cell: string): string {
  return cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
}
