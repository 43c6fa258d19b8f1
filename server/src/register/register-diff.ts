import type { RegisterPreview } from '@barythm/contract/resources';
import { FAMILIES, PLATE_COLUMNS, plateFigure, type FamilyName } from '@barythm/core/families';
import { dateInWords, siteDate } from '@barythm/core/time';
import { QueryTypes } from 'sequelize';
import type { Database, Row } from '../db';
import { lineFaults, type CellFault, type Latest, type RegisterLine } from './register-line';

/** A pump that a line of a file is about: as it is registered, in the columns of the file. */
export interface Standing {
  readonly id: string;
  readonly unitId: string;
  readonly siteId: string;
  readonly family: FamilyName;
  readonly retired: boolean;
  /** when its plate was read at the pump, an instant; null where it is only as registered */
  readonly plateReadAt: string | null;
  readonly line: RegisterLine;
}

/** What a line changes at a pump that is here. */
export interface LineChange {
  readonly pump: Standing;
  readonly line: RegisterLine;
  /** the columns whose text is another */
  readonly columns: readonly string[];
}

/** What becomes of the lines of a file: all that is new, all that is changed, and what is wrong with any. */
export interface RegisterDiff {
  readonly fresh: readonly RegisterLine[];
  readonly changes: readonly LineChange[];
  readonly unchanged: number;
  /** by the index of the line */
  readonly faults: readonly (CellFault & { readonly at: number })[];
}

/**
 * Compares the lines of a file with the register. A pump is known again by the code of its label, else by its tag at its site; a pump
 * that no line is about stays as it is. Nothing is written.
 *
 * @param given the columns that the file has: what it says nothing of does not change
 */
export async function compareLines(
  database: Database,
  lines: readonly RegisterLine[],
  given: ReadonlySet<string>,
  profiles: Latest,
): Promise<RegisterDiff> {
  const known = await knownBy(database, lines);
  const sites = await sitesNamed(database, lines);
  const fresh: RegisterLine[] = [];
  const changes: LineChange[] = [];
  const faults: (CellFault & { at: number })[] = [];
  let unchanged = 0;
  const coded = new Map<string, number>();
  const firstOf = new Map<string, number>();
  const placed = new Map<string, number>();
  const placeOf = new Map<string, { at: number; place: string }>();
  const inFile = new Set(lines.flatMap((line) => known.of(line)?.id ?? []));
  for (const [at, line] of lines.entries()) {
    const pump = known.of(line);
    const columns = pump ? changedColumns(pump, line, given) : [];
    // what is registered already is taken as it is, whatever bounds were drawn since
    const stays = pump !== undefined && columns.length === 0;
    const own = stays ? [] : lineFaults(line, profiles);
    const told = new Set(own.map(({ column }) => column));
    const ofSite = siteFaults(line, sites.get(line.site), at, placeOf);
    own.push(...ofSite.filter(({ column }) => !told.has(column)));
    const key = placeKey(line);
    const twice = placed.get(key);
    if (twice !== undefined)
      own.push({ column: 'tag', words: `${line.tag} at ${line.site} stands in line ${twice + 2} too.` });
    else placed.set(key, at);
    const there = known.at(key);
    if (there && there.id !== pump?.id && !inFile.has(there.id))
      own.push({ column: 'tag', words: `${line.tag} already exists at ${line.site}.` });
    if (!pump) own.push(...codeFaults(line, at, coded));
    else {
      own.push(...pumpFaults(pump, line, columns, firstOf.get(pump.id), profiles));
      if (!firstOf.has(pump.id)) firstOf.set(pump.id, at);
    }
    faults.push(...own.map((fault) => ({ ...fault, at })));
    if (!pump) fresh.push(line);
    else if (columns.length === 0) unchanged += 1;
    else changes.push({ pump, line, columns });
  }
  return { fresh, changes, unchanged, faults };
}

const placeKey = ({ site, tag }: RegisterLine) => `${site}/${tag}`;

/** Signs of a label's code, as many as labels ever had. */
const CODE = /^[A-Z0-9]{4,12}$/;

/** A new pump may bring the code that is on its label already: no other new one has it. */
function codeFaults({ code }: RegisterLine, at: number, coded: Map<string, number>): CellFault[] {
  if (code === '') return [];
  const upper = code.toUpperCase();
  const before = coded.get(upper);
  if (before !== undefined)
    return [{ column: 'code', words: `Line ${before + 2} has the code ${upper} too.` }];
  coded.set(upper, at);
  return CODE.test(upper) ? [] : [{ column: 'code', words: `“${code}” is no code of a label.` }];
}

/** What is wrong with what a line makes of a pump that is here. */
function pumpFaults(
  { family, retired, plateReadAt, line: was }: Standing,
  line: RegisterLine,
  columns: readonly string[],
  first: number | undefined,
  profiles: Latest,
): CellFault[] {
  const faults: CellFault[] = [];
  if (first !== undefined)
    faults.push({
      column: line.code ? 'code' : 'tag',
      words: `Line ${first + 2} is about the same pump: one of them has to go.`,
    });
  if (retired)
    faults.push({ column: 'tag', words: `${was.tag} is retired: put it back in use under Edit first.` });
  const other = profiles.get(line.profile)?.family;
  if (columns.includes('profile') && other !== undefined && other !== family)
    faults.push({
      column: 'profile',
      words: 'This controller is for another kind of pump: retire this pump, and add the other one.',
    });
  if (plateReadAt !== null)
    for (const column of columns.filter((one) => PLATE_COLUMNS.includes(one)))
      faults.push({
        column,
        words: `Read at the pump on ${dateInWords(siteDate(plateReadAt, was.zone))}: “${was[column]}”. Read it anew on a job.`,
      });
  return faults;
}

/** A site has one place and one time zone, whichever line says so. */
function siteFaults(
  { site, site_place, zone }: RegisterLine,
  known: Row | undefined,
  at: number,
  placeOf: Map<string, { at: number; place: string }>,
): CellFault[] {
  const faults: CellFault[] = [];
  const said = placeOf.get(site);
  if (said && said.place !== site_place)
    faults.push({ column: 'site_place', words: `${site} is at “${said.place}” by line ${said.at + 2}.` });
  else placeOf.set(site, { at: said?.at ?? at, place: site_place });
  if (known && zone !== '' && zone !== known.zone)
    faults.push({
      column: 'zone',
      words: `The time zone of ${site} is ${String(known.zone)}: a file does not change it.`,
    });
  return faults;
}

function changedColumns({ line: was }: Standing, line: RegisterLine, given: ReadonlySet<string>): string[] {
  return Object.keys(line).filter((column) => {
    if (!given.has(column) || column === 'zone' || column === 'code' || line[column] === was[column])
      return false;
    const [a, b] = [line[column], was[column]].map(plateFigure);
    return !(PLATE_COLUMNS.includes(column) && a !== null && a === b);
  });
}

/** Lines of one query. */
const LOOKED_UP = 200;

const COLUMNS_OF = `p.id, p.siteId, p.family, p.retiredOn, u.id AS unitId, u.plateReadAt, s.name AS site, s.place AS site_place,
  s.zone, p.tag, p.name, p.place, u.profileId AS profile, u.model, u.serial, p.code,
  ${PLATE_COLUMNS.map((key) => `json_extract(u.plate, '$.${key}') AS "${key}"`).join(', ')}`;
const FROM =
  'FROM pumps p JOIN sites s ON s.id = p.siteId JOIN units u ON u.pumpId = p.id AND u.toDate IS NULL';

/** The pumps that some lines may be about, found by their codes and by their places: only theirs are looked up. */
async function knownBy(database: Database, lines: readonly RegisterLine[]) {
  const byCode = new Map<string, Standing>();
  const byPlace = new Map<string, Standing>();
  for (let i = 0; i < lines.length; i += LOOKED_UP) {
    const slice = lines.slice(i, i + LOOKED_UP);
    const select = (where: string, bind: Record<string, string>) =>
      database.sequelize.query<Row>(`SELECT ${COLUMNS_OF} ${FROM} WHERE ${where}`, {
        bind,
        type: QueryTypes.SELECT,
      });
    const json = (texts: readonly string[]) => JSON.stringify([...new Set(texts)]);
    const coded = await select('p.code IN (SELECT value FROM json_each($codes))', {
      codes: json(slice.map(({ code }) => code.toUpperCase())),
    });
    for (const row of coded) byCode.set(row.code as string, standingOf(row));
    const placed = await select(
      `p.retiredOn IS NULL AND s.name IN (SELECT value FROM json_each($sites))
        AND p.tag IN (SELECT value FROM json_each($tags))`,
      { sites: json(slice.map(({ site }) => site)), tags: json(slice.map(({ tag }) => tag)) },
    );
    for (const row of placed) {
      const standing = standingOf(row);
      byPlace.set(placeKey(standing.line), standing);
    }
  }
  return {
    /** the pump that a line is about; undefined for a new one */
    of: (line: RegisterLine): Standing | undefined =>
      line.code === '' ? byPlace.get(placeKey(line)) : byCode.get(line.code.toUpperCase()),
    at: (key: string): Standing | undefined => byPlace.get(key),
  };
}

function standingOf(row: Row): Standing {
  const { id, unitId, siteId, family, retiredOn, plateReadAt, ...texts } = row;
  const line = Object.fromEntries(
    Object.entries(texts).map(([column, text]) => [column, String(text ?? '')]),
  );
  return {
    id: id as string,
    unitId: unitId as string,
    siteId: siteId as string,
    family: family as FamilyName,
    retired: retiredOn !== null,
    plateReadAt: plateReadAt as string | null,
    line: line as RegisterLine,
  };
}

async function sitesNamed(database: Database, lines: readonly RegisterLine[]): Promise<Map<string, Row>> {
  const name = [...new Set(lines.map(({ site }) => site))];
  const rows = await database.models.sites.findAll({ where: { name } });
  return new Map(rows.map((row) => [row.get('name') as string, row.get() as Row]));
}

/** What the columns of a file are called on screen. */
const LABELS: Readonly<Record<string, string>> = {
  site: 'Site',
  site_place: 'Where the site is',
  tag: 'Tag',
  name: 'What it does',
  place: 'Where it stands',
  profile: 'Controller',
  model: 'Model',
  serial: 'Serial number',
};
const PLATE_LABELS = new Map(
  Object.values(FAMILIES).flatMap(({ arrival }) =>
    arrival.plate.map(({ key, label }) => [key, label] as const),
  ),
);

/** What a line changes, in words: “Tag: A-1 → A-2”. */
export function changeInWords({ pump, line, columns }: LineChange): RegisterPreview['changes'][number] {
  const { tag, site } = pump.line;
  return {
    tag,
    site,
    lines: columns.map((column) => ({
      label: LABELS[column] ?? PLATE_LABELS.get(column) ?? column,
      from: pump.line[column],
      to: line[column],
    })),
  };
}
