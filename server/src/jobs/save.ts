import type { Transaction } from 'sequelize';
import type { Models, Row, TableName } from '../db';
import type { JobDocument } from '@barythm/core/families';

/**
 * Writes what a job has gained since a revision. What is written about a job is only ever added; the job's own row
 * (its state and version) is the one thing that changes in place.
 */
export async function saveSince(
  models: Models,
  document: JobDocument,
  revision: number,
  transaction: Transaction,
): Promise<void> {
  const jobId = document.job.id;
  const back = document.takenBack;
  // what was taken back is kept beside the rest
  const fresh = <T extends { revision: number }>(items: readonly T[], taken: readonly T[] = []) =>
    [...items, ...taken].filter((item) => item.revision > revision);
  const add = async (table: TableName, rows: Row[]) => {
    if (rows.length > 0) {
      await models[table].bulkCreate(
        rows.map((row) => ({ jobId, ...row })),
        { transaction },
      );
    }
  };
  await add(
    'sheet_entries',
    fresh(document.entries, back?.entries).map((entry) => ({
      ...entry,
      confirmed: entry.confirmed ? 1 : null,
      by: entry.by ?? null,
    })),
  );
  await add(
    'plans',
    fresh(document.plans).map((plan) => ({ ...plan })),
  );
  await add(
    'records',
    fresh(document.records, back?.records).map((record) => ({ ...record, kind: record.body.kind })),
  );
  await add(
    'readings',
    fresh(document.readings, back?.readings).map(({ reading, ...rest }) => ({ ...rest, body: reading })),
  );
  await add(
    'decisions',
    fresh(document.decisions, back?.decisions).map((decision) => ({ ...decision })),
  );
  if (document.handover && !(await models.handovers.findOne({ where: { jobId }, transaction }))) {
    await add('handovers', [{ id: document.handover.id, body: document.handover }]);
  }
  const { state, version } = document.job;
  await models.jobs.update({ state, version }, { where: { id: jobId }, transaction });
}
