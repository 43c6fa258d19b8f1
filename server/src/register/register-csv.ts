import { createHash } from 'node:crypto';
import type { RegisterPreview } from '@barythm/contract/resources';
import Papa from 'papaparse';
import { QueryTypes } from 'sequelize';
import { labelCode, type Database } from '../db';
import { problems } from '../problems';

/** The columns of a register file, in their order. */
export const REGISTER_COLUMNS = [
  'site',
  'site_place',
  'zone',
  'tag',
  'name',
  'place',
  'profile',
  'model',
  'serial',
  'gear',
  'greatest_spm',
  'rated_bar',
] as const;
type Column = (typeof REGISTER_COLUMNS)[number];
type Line = Readonly<Record<Column, string>>;

const NEEDED: readonly Column[] = ['site', 'zone', 'tag', 'name', 'profile'];
const MOST_ROWS = 5000;
const MOST_FAULTS = 50;

interface Read {
  readonly lines: readonly Line[];
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
  const { models } = database;
  const latest = await latestVersions(database);
  return database.write(async (transaction) => {
    let made = 0;
    for (const line of lines) {
      const [site, isNew] = await models.sites.findOrCreate({
        where: { name: line.site },
        defaults: {
          id: idFrom('site', line.site),
          name: line.site,
          place: line.site_place,
          zone: line.zone,
          actor,
        },
        transaction,
      });
      if (isNew) made += 1;
      const id = idFrom('pump', `${line.site}/${line.tag}`);
      await models.pumps.create(
        {
          id,
          siteId: site.get('id'),
          tag: line.tag,
          name: line.name,
          place: line.place,
          family: 'metering',
          signalFrom: null,
          duty: null,
          reported: null,
          note: '',
          code: labelCode(id),
          actor,
        },
        { transaction },
      );
      await models.units.create(
        {
          id: `unit-${id}`,
          pumpId: id,
          profileId: line.profile,
          profileVersion: latest.get(line.profile),
          model: line.model,
          serial: line.serial,
          plate: {
            gear: line.gear || null,
            greatest_spm: figureOrNull(line.greatest_spm),
            rated_bar: figureOrNull(line.rated_bar),
          },
          fromDate: today,
          toDate: null,
          actor,
        },
        { transaction },
      );
    }
    return { sites: made, pumps: lines.length };
  });
}

/** The whole register as CSV, in the columns that come in again. */
export async function exportRegister(database: Database): Promise<string> {
  const rows = await database.sequelize.query<Record<string, string | null>>(
    `SELECT s.name AS site, s.place AS site_place, s.zone, p.tag, p.name, p.place, u.profileId AS profile, u.model,
            u.serial, json_extract(u.plate, '$.gear') AS gear,
            json_extract(u.plate, '$.greatest_spm') AS greatest_spm,
            json_extract(u.plate, '$.rated_bar') AS rated_bar
       FROM pumps p JOIN sites s ON s.id = p.siteId JOIN units u ON u.pumpId = p.id AND u.toDate IS NULL
      ORDER BY s.name, p.tag`,
    { type: QueryTypes.SELECT },
  );
  return Papa.unparse(
    {
      fields: [...REGISTER_COLUMNS],
      data: rows.map((row) => REGISTER_COLUMNS.map((column) => row[column] ?? '')),
    },
    { newline: '\r\n', escapeFormulae: true },
  );
}

async function readRegister(database: Database, text: string): Promise<Read> {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [head = [], ...rows] = data;
  const names = head.map((name) => name.trim());
  const missing = REGISTER_COLUMNS.filter((column) => !names.includes(column));
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
  const check = await lineCheck(database);
  const faults: RegisterPreview['faults'] = [];
  const lines = rows.map((cells, i) => {
    const line = Object.fromEntries(
      REGISTER_COLUMNS.map((column) => [column, unescaped(cells[names.indexOf(column)] ?? '').trim()]),
    ) as Record<Column, string>;
    for (const { column, words } of check(line)) {
      faults.push({ line: i + 2, column: names.indexOf(column) + 1, words });
    }
    return line;
  });
  return { lines, faults };
}

/** A cell that was made safe against formulas on its way out comes in as it was. */
function unescaped(cell: string): string {
  return /^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}

async function lineCheck(database: Database) {
  const profiles = await latestVersions(database);
  const there = await database.sequelize.query<{ key: string }>(
    `SELECT s.name || '/' || p.tag AS key FROM pumps p JOIN sites s ON s.id = p.siteId`,
    { type: QueryTypes.SELECT },
  );
  const taken = new Set(there.map((row) => row.key));
  return (line: Line): { column: Column; words: string }[] => {
    const faults: { column: Column; words: string }[] = [];
    for (const column of NEEDED) {
      if (line[column] === '') faults.push({ column, words: `“${column}” is empty.` });
    }
    if (line.zone !== '' && !isZone(line.zone)) {
      faults.push({ column: 'zone', words: `“${line.zone}” is no time zone, such as Atlantic/Faroe.` });
    }
    if (line.profile !== '' && !profiles.has(line.profile)) {
      faults.push({
        column: 'profile',
        words: `There is no profile “${line.profile}”; the library has ${[...profiles.keys()].join(', ')}.`,
      });
    }
    for (const column of ['greatest_spm', 'rated_bar'] as const) {
      if (line[column] !== '' && figureOrNull(line[column]) === null) {
        faults.push({ column, words: `“${line[column]}” is no figure above 0.` });
      }
    }
    const key = `${line.site}/${line.tag}`;
    if (taken.has(key))
      faults.push({ column: 'tag', words: `${line.tag} is there already at ${line.site}.` });
    taken.add(key);
    return faults;
  };
}

async function latestVersions(database: Database): Promise<Map<string, number>> {
  const rows = await database.sequelize.query<{ id: string; version: number }>(
    'SELECT id, MAX(version) AS version FROM profiles GROUP BY id ORDER BY id',
    { type: QueryTypes.SELECT },
  );
  return new Map(rows.map(({ id, version }) => [id, version]));
}

function figureOrNull(text: string): number | null {
  const figure = Number(text.replace(',', '.'));
  return text !== '' && Number.isFinite(figure) && figure > 0 ? figure : null;
}

function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** The same file gives the same ids, so that what was taken in twice is seen to be there. */
function idFrom(kind: string, key: string): string {
  return `${kind}-${createHash('sha256').update(key).digest('hex').slice(0, 16)}`;
}
