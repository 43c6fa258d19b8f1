import type { Command, CommandAnswer } from '@barythm/contract/commands';
import { applyCommand, benchDay, clashIn, refusalOf } from '@barythm/core/job';
import { contentHash } from '@barythm/core/profile';
import { siteDate } from '@barythm/core/time';
import type { Model, Transaction } from 'sequelize';
import type { Clock } from '../clock';
import type { Database, Models } from '../db';
import { firmNow } from '../firm';
import { problems } from '../problems';
import { loadJob } from './load';
import { keepPlate } from './plate';
import { saveSince } from './save';
import { moveJob, startJob } from './start';
import type { JobCommand, JobDocument } from '@barythm/core/families';

/** What a write led to: the answer, and the job as it is with it; null where nothing was written anew, or a job was only begun. */
export interface CarriedOut {
  readonly answer: CommandAnswer;
  readonly document: JobDocument | null;
}

/**
 * Carries out a write once. The same id with the same body gets the same answer again; with another body it is
 * refused. Rules are the job's own (`refusalOf`), the same as on the phone.
 */
export async function carryOut(database: Database, clock: Clock, given: Command): Promise<CarriedOut> {
  return database.write((transaction) => carryOutIn({ models: database.models, transaction }, clock, given));
}

/** Where writes are carried out: in one transaction, that several may share. */
export interface Writing {
  readonly models: Models;
  readonly transaction: Transaction;
}

/** The same within a transaction that is open. */
export async function carryOutIn(
  { models, transaction }: Writing,
  clock: Clock,
  given: Command,
): Promise<CarriedOut> {
  // an id is the same however it is spelled
  const command = { ...given, id: given.id.toLowerCase() };
  const hash = contentHash(command);
  const before = await models.commands.findOne({ where: { id: command.id }, transaction });
  if (before) {
    if (before.get('hash') !== hash) throw problems.idTaken();
    return { answer: answerOf(before), document: null };
  }
  const document = await apply(models, clock, command, transaction);
  const { body, ...envelope } = command;
  const { jobId, kind } = body;
  const answer = { jobId, version: document?.job.version ?? 0 };
  const row = await models.commands.create(
    { ...envelope, kind, jobId, hash, body, receivedAt: clock(), answer },
    { transaction },
  );
  return { answer: answerOf(row), document };
}

/** The answer that was given to a write; its place in the order of all is its row's own. */
function answerOf(row: Model): CommandAnswer {
  const answer = row.get('answer') as Omit<CommandAnswer, 'sequence'>;
  return { ...answer, sequence: row.get('sequence') as number };
}

async function apply(
  models: Models,
  clock: Clock,
  command: Command,
  transaction: Transaction,
): Promise<JobDocument | null> {
  const { body } = command;
  if (body.kind === 'job.start') {
    await startJob(models, clock, { ...command, body }, transaction);
    return null;
  }
  const document = await loadJob(models, body.jobId, { transaction });
  if (!document) throw problems.notFound('job', body.jobId);
  // what was written meanwhile stands beside it, unless both say something of the same thing
  if (command.baseVersion > document.job.version)
    throw problems.stale(document, command, 'This job is not so far yet.');
  const clash = clashIn(document, command as JobCommand);
  if (clash) throw problems.stale(document, command, clash.words);
  const today = siteDate(clock(), document.site.zone);
  const refusal = refusalOf(document, body, today);
  if (refusal) throw problems.refused(`body.${refusal.field}`, refusal.words, refusal.code);
  const firm = body.kind === 'job.hand-over' ? await firmNow(models, transaction) : null;
  const named = firm ? { id: firm.id, name: firm.name, contact: firm.contact } : undefined;
  const next = applyCommand(document, command as JobCommand, today, benchDay, named);
  await saveSince(models, next, document.job.version, transaction);
  if (body.kind === 'job.move') await moveJob(models, next, body.visitId, command.actor, transaction);
  if (body.kind === 'job.record' && body.record.kind === 'identify') {
    await keepPlate(models, document.unit.id, command.recordedAt, body.record, transaction);
  }
  return next;
}
