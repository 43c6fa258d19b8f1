import { inTodaysFormat } from '@barythm/core/job';
import type { Decision } from '@barythm/core/findings';
import type { AnyHandover, Instrument, LastLeft, ProofReading } from '@barythm/core/visit';
import type { AnyProfile, JobDocument, JobRecord, JobPlan } from '@barythm/core/families';
import type { SheetEntry } from '@barythm/core/sheet';
import type { Transaction } from 'sequelize';
import type { Models, Row, TableName } from '../db';

/** Rows of a table that belong to a job, in the order the job took them. */
async function ofJob(
  models: Models,
  table: TableName,
  jobId: string,
  transaction?: Transaction,
): Promise<Row[]> {
  const rows = await models[table].findAll({
    where: { jobId },
    order: [
      ['revision', 'ASC'],
      ['id', 'ASC'],
    ],
    transaction,
  });
  return rows.map((row) => row.get({ plain: false }));
}

async function one(
  models: Models,
  table: TableName,
  where: Row,
  transaction?: Transaction,
): Promise<Row | null> {
  const row = await models[table].findOne({ where, transaction });
  return row ? row.get({ plain: false }) : null;
}

function without<T>(row: Row, ...columns: string[]): T {
  return Object.fromEntries(Object.entries(row).filter(([name]) => !columns.includes(name))) as T;
}

/** The job's document from its rows, or null when there is none with this id. */
export async function loadJob(
  models: Models,
  id: string,
  transaction?: Transaction,
): Promise<JobDocument | null> {
  const job = await one(models, 'jobs', { id }, transaction);
  if (!job) return null;
  const pump = await one(models, 'pumps', { id: job.pumpId }, transaction);
  const unit = await one(models, 'units', { id: job.unitId }, transaction);
  const profile = await one(
    models,
    'profiles',
    { id: job.profileId, version: job.profileVersion },
    transaction,
  );
  const site = pump && (await one(models, 'sites', { id: pump.siteId }, transaction));
  if (!pump || !unit || !site || !profile) throw new Error(`Job ${id} has lost what it hangs on.`);
  const [entries, plans, records, readings, decisions, instruments, handover] = await Promise.all([
    ofJob(models, 'sheet_entries', id, transaction),
    ofJob(models, 'plans', id, transaction),
    ofJob(models, 'records', id, transaction),
    ofJob(models, 'readings', id, transaction),
    ofJob(models, 'decisions', id, transaction),
    models.instruments.findAll({ order: [['id', 'ASC']], transaction }),
    one(models, 'handovers', { jobId: id }, transaction),
  ]);
  return {
    job: {
      id,
      state: job.state as JobDocument['job']['state'],
      version: job.version as number,
      startedAt: job.startedAt as string,
      plannedFor: job.plannedFor as string,
      actor: job.actor as string,
    },
    site: without(site, 'actor'),
    pump: {
      id: pump.id as string,
      tag: pump.tag as string,
      name: pump.name as string,
      place: pump.place as string,
      signalFrom: pump.signalFrom as JobDocument['pump']['signalFrom'],
    },
    unit: {
      id: unit.id as string,
      model: unit.model as string,
      serial: unit.serial as string,
      plate: unit.plate as JobDocument['unit']['plate'],
    },
    profile: profile.body as AnyProfile,
    profileHash: profile.hash as string,
    dutyBefore: job.dutyBefore as JobDocument['dutyBefore'],
    lastLeft: job.lastLeft as LastLeft | null,
    earlier: (job.earlier as JobDocument['earlier'] | null) ?? [],
    instruments: instruments.map((row) => without<Instrument>(row.get({ plain: false }), 'actor')),
    plans: plans.map((row) => without<JobPlan>(row, 'jobId')),
    entries: entries.map((row) => without<SheetEntry>(row, 'jobId')),
    records: records.map((row) => without<JobRecord>(row, 'jobId', 'kind')),
    readings: readings.map((row): ProofReading => {
      const { body, ...rest } = without<ProofReading & { body: ProofReading['reading'] }>(row, 'jobId');
      return { ...rest, reading: body };
    }),
    decisions: decisions.map((row) => without<Decision & { id: string; revision: number }>(row, 'jobId')),
    handover: handover
      ? inTodaysFormat(handover.body as AnyHandover, (profile.body as AnyProfile).family, site.zone as string)
      : null,
  };
}
