import type { Command, CommandBody } from '@barythm/contract/commands';
import { believedOf, carriedOver } from '@barythm/core/job';
import type { LastLeft } from '@barythm/core/visit';
import { Op, type Transaction } from 'sequelize';
import type { Clock } from '../clock';
import type { Models, Row } from '../db';
import { problems } from '../problems';
import { loadJob } from './load';
import type { JobDocument } from '@barythm/core/families';

type Start = Command & { body: Extract<CommandBody, { kind: 'job.start' }> };

/** Opens a job on a pump, within its site's visit of that date; makes the visit when there is none yet. */
export async function startJob(
  models: Models,
  clock: Clock,
  command: Start,
  transaction: Transaction,
): Promise<void> {
  const { jobId, pumpId, visitId, date, small } = command.body;
  if (await models.jobs.findByPk(jobId, { transaction })) throw problems.exists('job');
  const pump = (await models.pumps.findByPk(pumpId, { transaction }))?.get() as Row | undefined;
  if (!pump) throw problems.notFound('pump', pumpId);
  if (pump.retiredOn)
    throw problems.refused('body.pumpId', 'This pump is retired: put it back in use first.', 'retired');
  const unit = await models.units.findOne({ where: { pumpId, toDate: null }, transaction });
  if (!unit) throw problems.notFound('unit installed at this pump', pumpId);
  const open = await models.jobs.findOne({
    where: { pumpId, state: { [Op.in]: ['planned', 'open'] } },
    transaction,
  });
  if (open) {
    throw problems.refused(
      'body.pumpId',
      'This pump has a job open already: go on with that one.',
      'job-open',
    );
  }
  const [visit] = await models.visits.findOrCreate({
    where: { siteId: pump.siteId as string, date },
    defaults: { id: visitId, siteId: pump.siteId, date, actor: command.actor },
    transaction,
  });
  const before = await latestJob(models, pumpId, transaction);
  await models.jobs.create(
    {
      id: jobId,
      visitId: visit.get('id'),
      pumpId,
      unitId: unit.get('id'),
      state: 'planned',
      version: 0,
      startedAt: clock(),
      plannedFor: date,
      actor: command.actor,
      dutyBefore: before ? dutyOf(before) : pump.duty,
      lastLeft: believedOf(before, pump.reported as Reported),
      // what was measured belongs to the unit: another one in its place starts anew
      earlier: before && before.unit.id === unit.get('id') ? carriedOver(before) : [],
      small: small ? 1 : null,
      profileId: unit.get('profileId'),
      profileVersion: unit.get('profileVersion'),
    },
    { transaction },
  );
}

type Reported = Pick<LastLeft, 'date' | 'values'> | null;

/** The pump's newest job, or null. */
export async function latestJob(
  models: Models,
  pumpId: string,
  transaction?: Transaction,
): Promise<JobDocument | null> {
  const row = await models.jobs.findOne({
    where: { pumpId, state: { [Op.ne]: 'cancelled' } },
    order: [
      ['plannedFor', 'DESC'],
      ['startedAt', 'DESC'],
    ],
    transaction,
  });
  return row ? loadJob(models, row.get('id') as string, { transaction }) : null;
}

/** The job at the same pump before another, cancelled ones apart; null where there is none. */
export async function jobBefore(
  models: Models,
  { job, pump }: JobDocument,
  transaction?: Transaction,
): Promise<JobDocument | null> {
  const row = await models.jobs.findOne({
    where: {
      pumpId: pump.id,
      state: { [Op.ne]: 'cancelled' },
      [Op.or]: [
        { plannedFor: { [Op.lt]: job.plannedFor } },
        { plannedFor: job.plannedFor, startedAt: { [Op.lt]: job.startedAt } },
      ],
    },
    order: [
      ['plannedFor', 'DESC'],
      ['startedAt', 'DESC'],
    ],
    transaction,
  });
  return row ? loadJob(models, row.get('id') as string, { transaction }) : null;
}

/** The duty a job leaves to the next one. */
export function dutyOf(document: JobDocument): JobDocument['dutyBefore'] {
  return document.plans[document.plans.length - 1]?.duty ?? document.dutyBefore;
}
