import type { Command, CommandBody } from '@barythm/contract/commands';
import { believedOf, carriedOver, mapBelieved, toldLeft } from '@barythm/core/job';
import type { LastLeft } from '@barythm/core/visit';
import { Op, type Transaction } from 'sequelize';
import type { Clock } from '../clock';
import type { Models, Row } from '../db';
import { problems } from '../problems';
import { loadJob } from './load';
import { reportedOf, standingUnit, type StandingUnit } from './standing-unit';
import type { AnyProfile, JobDocument } from '@barythm/core/families';

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
  const standing = await standingUnit(models, pumpId, transaction);
  if (!standing) throw problems.notFound('unit installed at this pump', pumpId);
  const { unit } = standing;
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
  const latest = await latestJob(models, pumpId, transaction);
  // what was measured, left and entered of a unit is of no other that took its place
  const before = latest?.unit.id === unit.id ? latest : null;
  await models.jobs.create(
    {
      id: jobId,
      visitId: visit.get('id'),
      pumpId,
      unitId: unit.id,
      state: 'planned',
      version: 0,
      startedAt: clock(),
      plannedFor: date,
      actor: command.actor,
      dutyBefore: before ? dutyOf(before) : latest ? null : pump.duty,
      lastLeft: await believedAt(models, standing, before, pump, transaction),
      earlier: before ? carriedOver(before) : latest ? toldLeft(latest) : [],
      small: small ? 1 : null,
      profileId: unit.profileId,
      profileVersion: unit.profileVersion,
    },
    { transaction },
  );
}

/** Puts a job on the visit of the day it is planned for now; makes that where there is none yet. */
export async function moveJob(
  models: Models,
  { job, site }: JobDocument,
  visitId: string,
  actor: string,
  transaction: Transaction,
): Promise<void> {
  const [visit] = await models.visits.findOrCreate({
    where: { siteId: site.id, date: job.plannedFor },
    defaults: { id: visitId, siteId: site.id, date: job.plannedFor, actor },
    transaction,
  });
  await models.jobs.update(
    { plannedFor: job.plannedFor, visitId: visit.get('id') as string },
    { where: { id: job.id }, transaction },
  );
}

/** What is believed of a unit, in the terms of the profile that describes it now: it may be another than the last job went by. */
async function believedAt(
  models: Models,
  standing: StandingUnit,
  before: JobDocument | null,
  pump: Row,
  transaction: Transaction,
): Promise<LastLeft | null> {
  const { profileId: id, profileVersion: version } = standing.unit;
  const believed = believedOf(before, reportedOf(pump, standing));
  if (!before || (before.profile.id === id && before.profile.version === version)) return believed;
  const profile = await models.profiles.findOne({ where: { id, version }, transaction });
  return profile ? mapBelieved(believed, before.profile, profile.get('body') as AnyProfile) : null;
}

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

/** The job on the same unit before another, cancelled ones apart; null where there is none. */
export async function jobBefore(
  models: Models,
  { job, pump, unit }: JobDocument,
  transaction?: Transaction,
): Promise<JobDocument | null> {
  const row = await models.jobs.findOne({
    where: {
      pumpId: pump.id,
      unitId: unit.id,
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
