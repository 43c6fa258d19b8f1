import type { NewUnit } from '@barythm/contract/resources';
import { plateFrom, type FamilyName } from '@barythm/core/families';
import { dateInWords, siteDate } from '@barythm/core/time';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import type { Database, Models, Row } from '../db';
import { standingUnit, type StandingUnit } from '../jobs';
import { problems } from '../problems';
import type { Fault, Hand } from './put-right';
import { latestVersions, unitFaults } from './register-line';

const OPEN = { [Op.in]: ['planned', 'open'] };

/**
 * Another unit at the place of a pump. Tag, label, duty and visits stay with the place; what was read, measured and set is of the unit
 * that went.
 *
 * @throws invalid, at the field where it is, with what is wrong in words
 */
export async function replaceUnit(
  database: Database,
  pumpId: string,
  given: NewUnit,
  { now, actor }: Pick<Hand, 'now' | 'actor'>,
): Promise<void> {
  const { on, ...cells } = Object.fromEntries(
    Object.entries(given).map(([key, text]) => [key, String(text).trim()]),
  );
  const profiles = await latestVersions(database);
  await database.write(async (transaction) => {
    const { models } = database;
    const pump = (await models.pumps.findByPk(pumpId, { transaction }))?.get() as Row | undefined;
    const standing = await standingUnit(models, pumpId, transaction);
    if (!pump || !standing) throw problems.notFound('pump', pumpId);
    const known = profiles.get(cells.profile);
    const faults = [
      ...(pump.retiredOn
        ? [{ field: 'on', words: 'This pump is retired: put it back in use first.' }]
        : await dateFaults(models, pump, standing, { on, now }, transaction)),
      ...(known?.family === pump.family
        ? unitFaults(known!.family, cells).map(({ column, words }) => ({ field: column, words }))
        : [{ field: 'profile', words: 'Choose the controller of the new unit: one for this kind of pump.' }]),
      ...(await serialFaults(database, standing, cells, transaction)),
    ];
    if (faults.length > 0) throw problems.invalid(faults);
    await models.units.update({ toDate: on }, { where: { id: standing.unit.id as string }, transaction });
    await models.units.create(
      {
        id: await freeUnitId(models, pumpId, transaction),
        pumpId,
        profileId: cells.profile,
        profileVersion: known!.version,
        model: cells.model,
        serial: cells.serial,
        plate: plateFrom(pump.family as FamilyName, cells),
        fromDate: on,
        toDate: null,
        actor,
      },
      { transaction },
    );
  });
}

/**
 * A replacement that was entered by a slip: the unit before stands there again, with everything that was known of it. Only as long as no
 * job was begun on the new one.
 */
export async function takeBackReplacement(database: Database, pumpId: string, hand: Hand): Promise<void> {
  await database.write(async (transaction) => {
    const { models } = database;
    const standing = await standingUnit(models, pumpId, transaction);
    if (!standing) throw problems.notFound('pump', pumpId);
    const { unit, replaced } = standing;
    const refuse = (words: string) => problems.invalid([{ field: 'on', words }]);
    if (!replaced) throw refuse('This is the first unit at this place: there is none to go back to.');
    if (await models.jobs.findOne({ where: { unitId: unit.id as string }, transaction }))
      throw refuse('A job was begun on the new unit: it stays in the history.');
    await models.register_changes.create(
      { what: 'unit', whatId: unit.id, changedAt: hand.now, actor: hand.actor, before: unit },
      { transaction },
    );
    await models.units.destroy({ where: { id: unit.id as string }, transaction });
    await models.units.update({ toDate: null }, { where: { id: replaced.id as string }, transaction });
  });
}

/** A job goes on with the unit that it began with: neither an open one nor one of a later day is left without it. */
async function dateFaults(
  models: Models,
  pump: Row,
  { unit }: StandingUnit,
  { on, now }: { readonly on: string; readonly now: string },
  transaction: Transaction,
): Promise<Fault[]> {
  const pumpId = pump.id as string;
  const fault = (words: string): Fault[] => [{ field: 'on', words }];
  if (await models.jobs.findOne({ where: { pumpId, state: OPEN }, transaction }))
    return fault('A job is open on this pump: hand it over or cancel it first.');
  const site = await models.sites.findByPk(pump.siteId as string, { transaction });
  if (on > siteDate(now, (site?.get('zone') as string | undefined) ?? 'UTC'))
    return fault('This day is yet to come: enter the day on which it was replaced.');
  const from = unit.fromDate as string;
  if (on < from)
    return fault(`The unit before was registered on ${dateInWords(from)}: enter that day or later.`);
  const job = await models.jobs.findOne({
    where: { unitId: unit.id as string, state: { [Op.ne]: 'cancelled' } },
    order: [['plannedFor', 'DESC']],
    transaction,
  });
  const last = job?.get('plannedFor') as string | undefined;
  return last !== undefined && on < last
    ? fault(`The unit before was worked on on ${dateInWords(last)}: enter that day or later.`)
    : [];
}

/** One unit stands at one place. */
async function serialFaults(
  database: Database,
  { unit }: StandingUnit,
  { model, serial }: Readonly<Record<string, string>>,
  transaction: Transaction,
): Promise<Fault[]> {
  if (serial === '') return [];
  if (serial === unit.serial && model === unit.model)
    return [{ field: 'serial', words: 'This is the unit that is registered here already.' }];
  const [other] = await database.sequelize.query<{ tag: string; siteName: string }>(
    `SELECT p.tag, s.name AS siteName FROM units u JOIN pumps p ON p.id = u.pumpId JOIN sites s ON s.id = p.siteId
      WHERE u.serial = $serial AND u.model = $model AND u.toDate IS NULL AND p.retiredOn IS NULL AND u.id <> $id LIMIT 1`,
    { bind: { serial, model, id: unit.id as string }, type: QueryTypes.SELECT, transaction },
  );
  return other
    ? [
        {
          field: 'serial',
          words: `This unit is registered as ${other.tag}, ${other.siteName}: retire or replace it there first.`,
        },
      ]
    : [];
}

async function freeUnitId(models: Models, pumpId: string, transaction: Transaction): Promise<string> {
  const pump = pumpId.replace(/^pump-/, '').slice(0, 40);
  for (let n = (await models.units.count({ where: { pumpId }, transaction })) + 1; ; n += 1) {
    const id = `unit-${pump}-${n}`;
    if (!(await models.units.findByPk(id, { attributes: ['id'], transaction }))) return id;
  }
}
