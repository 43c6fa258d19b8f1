import type { PumpEdit, SiteEdit } from '@barythm/contract/resources';
import { signFault } from '@barythm/core/print';
import { Op, type Transaction } from 'sequelize';
import type { Database, Models, Row } from '../db';
import { problems } from '../problems';
import { latestVersions } from './register-line';

export type Fault = { readonly field: string; readonly words: string };
type What = 'pump' | 'unit' | 'site';

/** Who puts it right, and when. */
export interface Hand {
  readonly now: string;
  readonly today: string;
  readonly actor: string;
}

const OPEN = { [Op.in]: ['planned', 'open'] };

/**
 * Puts right what the register says of a pump and its unit, or retires it. Everything is taken, or nothing. What was handed over
 * keeps the names it was handed over with: each change keeps what stood before it.
 *
 * @throws invalid, at the field where it is, with what is wrong in words
 */
export async function putPumpRight(
  database: Database,
  id: string,
  given: PumpEdit,
  hand: Hand,
): Promise<void> {
  const edit = trimmed(given);
  const profiles = await latestVersions(database);
  await database.write(async (transaction) => {
    const { models } = database;
    const pump = (await models.pumps.findByPk(id, { transaction }))?.get() as Row | undefined;
    const unit = (await models.units.findOne({ where: { pumpId: id, toDate: null }, transaction }))?.get() as
      Row | undefined;
    if (!pump || !unit) throw problems.notFound('pump', id);
    const { retired, model, serial, profile: other, newest, was, ...names } = edit;
    // a newer version of its own description, or another one
    const profile = newest ? (unit.profileId as string) : other;
    const stands = { ...pump, model: unit.model, serial: unit.serial, profile: unit.profileId };
    const faults = [
      ...meanwhile({ ...names, model, serial, profile }, was, stands),
      ...missing(names, { tag: 'Enter a tag.', name: 'Enter what the pump does.' }),
      ...signs({ ...names, model, serial }),
      ...(isInUse(pump, retired) ? await placeFaults(models, pump, names, transaction) : []),
    ];
    const known = profile === undefined ? undefined : profiles.get(profile);
    if (profile !== undefined && known?.family !== pump.family) {
      faults.push({
        field: 'profile',
        words: known
          ? 'This controller is for another kind of pump: retire this pump, and add the other one.'
          : `There is no profile “${profile}”.`,
      });
    }
    if (retired === true && (await models.jobs.findOne({ where: { pumpId: id, state: OPEN }, transaction })))
      faults.push({
        field: 'retired',
        words: 'A job is open on this pump: hand it over or cancel it first.',
      });
    if (faults.length > 0) throw problems.invalid(faults);
    const onUnit = {
      ...said({ model, serial }),
      ...(known ? { profileId: profile, profileVersion: known.version } : {}),
    };
    await change(models, 'pump', pump, { ...said(names), ...retiring(retired, hand) }, hand, transaction);
    await change(models, 'unit', unit, onUnit, hand, transaction);
  });
}

/** The same of a site; it is retired once none of its pumps is in use. */
export async function putSiteRight(
  database: Database,
  id: string,
  given: SiteEdit,
  hand: Hand,
): Promise<void> {
  const edit = trimmed(given);
  await database.write(async (transaction) => {
    const { models } = database;
    const site = (await models.sites.findByPk(id, { transaction }))?.get() as Row | undefined;
    if (!site) throw problems.notFound('site', id);
    const { retired, was, ...names } = edit;
    const faults = [
      ...meanwhile(names, was, site),
      ...missing(names, { name: 'Enter the name of the site.' }),
      ...signs(names),
    ];
    const other =
      names.name === undefined
        ? null
        : await models.sites.findOne({ where: { name: names.name }, transaction });
    if (other && other.get('id') !== id)
      faults.push({ field: 'name', words: `Another site is called ${names.name} already.` });
    if (
      retired === true &&
      (await models.pumps.findOne({ where: { siteId: id, retiredOn: null }, transaction }))
    )
      faults.push({ field: 'retired', words: 'Pumps of this site are in use: retire or move them first.' });
    if (faults.length > 0) throw problems.invalid(faults);
    await change(models, 'site', site, { ...said(names), ...retiring(retired, hand) }, hand, transaction);
  });
}

const TABLE = { pump: 'pumps', unit: 'units', site: 'sites' } as const;

/** Writes what differs, and keeps what stood there before. */
export async function change(
  models: Models,
  what: What,
  row: Row,
  edit: Readonly<Record<string, unknown>>,
  { now, actor }: Hand,
  transaction: Transaction,
): Promise<void> {
  const differs = Object.entries(edit).filter(([key, value]) => row[key] !== value);
  if (differs.length === 0) return;
  const before = Object.fromEntries(differs.map(([key]) => [key, row[key]]));
  await models.register_changes.create(
    { what, whatId: row.id, changedAt: now, actor, before },
    { transaction },
  );
  await models[TABLE[what]].update(Object.fromEntries(differs), {
    where: { id: row.id as string },
    transaction,
  });
}

/** A tag stands once among the pumps of a site that are in use. */
async function placeFaults(
  models: Models,
  pump: Row,
  { tag = pump.tag as string, siteId = pump.siteId as string }: { tag?: string; siteId?: string },
  transaction: Transaction,
): Promise<Fault[]> {
  const site = await models.sites.findByPk(siteId, { transaction });
  if (!site) return [{ field: 'siteId', words: 'There is no such site.' }];
  if (site.get('retiredOn'))
    return [{ field: 'siteId', words: 'This site is retired: put it back in use, or choose another.' }];
  const other = await models.pumps.findOne({
    where: { siteId, tag, retiredOn: null, id: { [Op.ne]: pump.id as string } },
    transaction,
  });
  return other ? [{ field: 'tag', words: `${tag} already exists at ${site.get('name') as string}.` }] : [];
}

/** Blanks around a name are none of it: a tag with one behind it is the same tag. */
function trimmed<Edit extends object>(edit: Edit): Edit {
  const pairs = Object.entries(edit).map(([key, value]) => [
    key,
    typeof value === 'string' ? value.trim() : (value as unknown),
  ]);
  return Object.fromEntries(pairs) as Edit;
}

/** A pump out of use takes no tag from another. */
const isInUse = (pump: Row, retired: boolean | undefined) =>
  retired === undefined ? pump.retiredOn === null : !retired;

const said = (edit: Readonly<Record<string, string | undefined>>) =>
  Object.fromEntries(Object.entries(edit).filter(([, text]) => text !== undefined));

const retiring = (retired: boolean | undefined, { today }: Hand) =>
  retired === undefined ? {} : { retiredOn: retired ? today : null };

const missing = (
  edit: Readonly<Record<string, string | undefined>>,
  needed: Readonly<Record<string, string>>,
): Fault[] =>
  Object.entries(needed).flatMap(([field, words]) => (edit[field]?.trim() === '' ? [{ field, words }] : []));

/** What somebody else put there since this was begun: it is said, and not written over unseen. */
function meanwhile(
  edit: Readonly<Record<string, string | undefined>>,
  was: Readonly<Record<string, string>> = {},
  stands: Readonly<Record<string, unknown>>,
): Fault[] {
  return Object.entries(edit).flatMap(([field, text]) => {
    const now = String(stands[field] ?? '');
    const seen = was[field];
    if (text === undefined || seen === undefined || now === seen || now === text) return [];
    return [{ field, words: `Meanwhile this became “${now}”. Save again to put yours in its place.` }];
  });
}

const signs = (edit: Readonly<Record<string, string | undefined>>): Fault[] =>
  Object.entries(edit).flatMap(([field, text]) => {
    const words = text === undefined ? null : signFault(text);
    return words ? [{ field, words }] : [];
  });
