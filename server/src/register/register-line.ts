import { createHash } from 'node:crypto';
import {
  PLATE_COLUMNS,
  PLATE_FIGURES,
  plateFaults,
  plateFigure,
  plateFrom,
  type FamilyName,
} from '@barythm/core/families';
import { signFault } from '@barythm/core/print';
import { QueryTypes, type Transaction } from 'sequelize';
import { freeCodes, type Database, type Models } from '../db';
import { problems } from '../problems';

/** The columns of a register file that every pump has, in their order. */
const COLUMNS = ['site', 'site_place', 'zone', 'tag', 'name', 'place', 'profile', 'model', 'serial'] as const;
/** Columns that a file may lack: what stands on the plates of any family, and the code on the pump's label, by which it is known again. */
export const OPTIONAL_COLUMNS: readonly string[] = [...PLATE_COLUMNS, 'code'];
/** All of them. */
export const REGISTER_COLUMNS: readonly string[] = [...COLUMNS, ...OPTIONAL_COLUMNS];
/** One pump with its site, as text. */
export type RegisterLine = Readonly<Record<(typeof COLUMNS)[number], string>> &
  Readonly<Record<string, string>>;

/** What has to be there, and what is said where it is not: of a form and of a file alike. */
const EMPTY: Readonly<Record<string, string>> = {
  site: 'Enter the name of the site.',
  zone: 'Enter the time zone, e.g. Atlantic/Faroe.',
  tag: 'Enter a tag.',
  name: 'Enter what the pump does.',
  profile: 'Choose the controller: its profile.',
};

/** As long as a job’s own file takes them, so that what comes in can go out and in again. */
const LONGEST: Readonly<Record<string, number | undefined>> = {
  site: 200,
  site_place: 200,
  zone: 60,
  tag: 200,
  name: 200,
  place: 200,
  profile: 64,
  model: 200,
  serial: 80,
  code: 12,
};
const LONGEST_PLATE = 80;

/** A line from the text of each column. */
export function lineFrom(cell: (column: string) => string): RegisterLine {
  return Object.fromEntries(REGISTER_COLUMNS.map((column) => [column, cell(column).trim()])) as RegisterLine;
}

/** Takes one pump in, with its site where that is new. */
export async function addPump(
  database: Database,
  given: RegisterLine,
  today: string,
  actor: string,
): Promise<{ id: string }> {
  const line = lineFrom((column) => given[column] ?? '');
  const profiles = await latestVersions(database);
  const taken = await takenBy(database, [line]);
  const there = taken.has(`${line.site}/${line.tag}`)
    ? [{ column: 'tag', words: `${line.tag} already exists at ${line.site}.` }]
    : [];
  const faults = [...lineFaults(line, profiles), ...there];
  if (faults.length > 0)
    throw problems.invalid(faults.map(({ column, words }) => ({ field: column, words })));
  const { pumpIds } = await database.write((transaction) =>
    writeLines(database.models, [line], profiles, { today, actor }, transaction),
  );
  return { id: pumpIds[0] };
}

/** The newest version of each profile, by its id, with its kind of pump. */
export type Latest = ReadonlyMap<string, { readonly version: number; readonly family: FamilyName }>;

/** Writes checked lines of new pumps in a few statements: what waits for the database is not held up for long. */
export async function writeLines(
  models: Models,
  lines: readonly RegisterLine[],
  latest: Latest,
  { today, actor }: { readonly today: string; readonly actor: string },
  transaction: Transaction,
): Promise<{ newSites: number; pumpIds: string[] }> {
  const { siteIds, made } = await sitesOf(models, lines, actor, transaction);
  const ids = await freeIds(models, lines, transaction);
  const codes = await freeCodes(models, ids, transaction);
  const pumps = lines.map((line, i) => ({
    id: ids[i],
    siteId: siteIds.get(line.site),
    tag: line.tag,
    name: line.name,
    place: line.place,
    family: latest.get(line.profile)?.family,
    signalFrom: null,
    duty: null,
    reported: null,
    note: '',
    code: line.code.toUpperCase() || codes[i],
    actor,
  }));
  const units = lines.map((line, i) => ({
    id: `unit-${ids[i]}`,
    pumpId: ids[i],
    profileId: line.profile,
    profileVersion: latest.get(line.profile)?.version,
    model: line.model,
    serial: line.serial,
    plate: plateFrom(latest.get(line.profile)!.family, line),
    fromDate: today,
    toDate: null,
    actor,
  }));
  for (let i = 0; i < lines.length; i += WRITTEN) {
    await models.pumps.bulkCreate(pumps.slice(i, i + WRITTEN), { transaction });
    await models.units.bulkCreate(units.slice(i, i + WRITTEN), { transaction });
  }
  return { newSites: made, pumpIds: ids };
}

/**
 * An id for each line, the same for the same line; another where a pump has it that was renamed, moved or retired since: its tag is
 * free again.
 */
async function freeIds(
  models: Models,
  lines: readonly RegisterLine[],
  transaction: Transaction,
): Promise<string[]> {
  const ids: string[] = [];
  for (let i = 0; i < lines.length; i += LOOKED_UP) {
    const slice = lines.slice(i, i + LOOKED_UP);
    let wanted = slice.map((line) => idFrom('pump', `${line.site}/${line.tag}`));
    for (let again = 1; ; again += 1) {
      const rows = await models.pumps.findAll({ attributes: ['id'], where: { id: wanted }, transaction });
      const taken = new Set(rows.map((row) => row.get('id') as string));
      if (taken.size === 0) break;
      wanted = wanted.map((id, k) =>
        taken.has(id) ? idFrom('pump', `${slice[k].site}/${slice[k].tag}/${again}`) : id,
      );
    }
    ids.push(...wanted);
  }
  return ids;
}

/** Rows of a statement. */
const WRITTEN = 500;

/** The sites that some lines name, by name; those that were not there are made. */
export async function sitesOf(
  models: Models,
  lines: readonly RegisterLine[],
  actor: string,
  transaction: Transaction,
): Promise<{ siteIds: ReadonlyMap<string, string>; made: number }> {
  const siteIds = new Map<string, string>();
  let made = 0;
  for (const { site: name, site_place, zone } of lines) {
    if (siteIds.has(name)) continue;
    const [site, isNew] = await models.sites.findOrCreate({
      where: { name },
      defaults: { id: await freeSiteId(models, name, transaction), name, place: site_place, zone, actor },
      transaction,
    });
    siteIds.set(name, site.get('id') as string);
    if (isNew) made += 1;
    // a pump that is added puts its site back in use
    else if (site.get('retiredOn')) await site.update({ retiredOn: null }, { transaction });
  }
  return { siteIds, made };
}

/** An id for a site of a name; another where a site has it that was renamed since. */
async function freeSiteId(models: Models, name: string, transaction: Transaction): Promise<string> {
  for (let again = 0; ; again += 1) {
    const id = idFrom('site', again === 0 ? name : `${name}/${again}`);
    if (!(await models.sites.findByPk(id, { attributes: ['id'], transaction }))) return id;
  }
}

/** Tags that are looked up at once. */
const LOOKED_UP = 200;

/** Which of these lines' pumps are there already, as `site/tag`. Only theirs are looked up, however many there are. */
async function takenBy(database: Database, lines: readonly RegisterLine[]): Promise<Set<string>> {
  const taken = new Set<string>();
  for (let i = 0; i < lines.length; i += LOOKED_UP) {
    const slice = lines.slice(i, i + LOOKED_UP);
    const there = await database.sequelize.query<{ key: string }>(
      `SELECT s.name || '/' || p.tag AS key FROM sites s JOIN pumps p ON p.siteId = s.id
        WHERE s.name IN (SELECT value FROM json_each($sites)) AND p.tag IN (SELECT value FROM json_each($tags))
          AND p.retiredOn IS NULL`,
      {
        bind: {
          sites: JSON.stringify([...new Set(slice.map(({ site }) => site))]),
          tags: JSON.stringify(slice.map(({ tag }) => tag)),
        },
        type: QueryTypes.SELECT,
      },
    );
    for (const { key } of there) taken.add(key);
  }
  return taken;
}

/** What is wrong with a line by itself, by column. */
export function lineFaults(line: RegisterLine, profiles: Latest): CellFault[] {
  const faults: CellFault[] = [];
  for (const column of Object.keys(EMPTY)) {
    if (line[column] === '') faults.push({ column, words: EMPTY[column] });
  }
  faults.push(...textFaults(line, REGISTER_COLUMNS));
  if (line.zone !== '' && !isZone(line.zone)) {
    faults.push({ column: 'zone', words: `“${line.zone}” is no time zone, e.g. Atlantic/Faroe.` });
  }
  if (line.profile !== '' && !profiles.has(line.profile)) {
    faults.push({
      column: 'profile',
      words: `There is no profile “${line.profile}”; the library has ${[...profiles.keys()].join(', ')}.`,
    });
  }
  faults.push(...figureFaults(line));
  const family = profiles.get(line.profile)?.family;
  if (family && faults.length === 0) faults.push(...familyFaults(family, line));
  return faults;
}

export interface CellFault {
  readonly column: string;
  readonly words: string;
}
type Cells = Readonly<Record<string, string>>;

/** Text that is too long, or has signs that no paper can print. */
function textFaults(cells: Cells, columns: readonly string[]): CellFault[] {
  const long = columns.flatMap((column) => {
    const most = LONGEST[column] ?? LONGEST_PLATE;
    const { length } = cells[column];
    const words = `“${column}” has ${length} characters; up to ${most} are taken.`;
    return length > most ? [{ column, words }] : [];
  });
  const signs = columns.flatMap((column) => {
    const words = signFault(cells[column]);
    return words ? [{ column, words }] : [];
  });
  return [...long, ...signs];
}

const figureFaults = (cells: Cells): CellFault[] =>
  PLATE_FIGURES.flatMap((column) =>
    cells[column] !== '' && plateFigure(cells[column]) === null
      ? [{ column, words: `“${cells[column]}” is no figure above 0.` }]
      : [],
  );

const familyFaults = (family: FamilyName, cells: Cells): CellFault[] =>
  plateFaults(family, cells).map(({ key: column, words }) => ({ column, words }));

/** What is wrong with what is said of one unit: its model and serial, and its plate. */
export function unitFaults(family: FamilyName, cells: Cells): CellFault[] {
  const faults = [...textFaults(cells, ['model', 'serial', ...PLATE_COLUMNS]), ...figureFaults(cells)];
  return faults.length > 0 ? faults : familyFaults(family, cells);
}

/** The newest version of each profile, by its id. */
export async function latestVersions(database: Database): Promise<Latest> {
  const rows = await database.sequelize.query<{ id: string; version: number; family: FamilyName }>(
    `SELECT id, MAX(version) AS version, json_extract(body, '$.family') AS family
       FROM profiles GROUP BY id ORDER BY id`,
    { type: QueryTypes.SELECT },
  );
  return new Map(rows.map(({ id, version, family }) => [id, { version, family }]));
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
