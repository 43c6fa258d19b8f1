import type { PumpHistory } from '@barythm/contract/resources';
import {
  measuredStroke_mL,
  resultOf,
  whyRejected,
  type EarlierRecord,
  type JobDocument,
} from '@barythm/core/job';
import { inOrderOfWork, addressOf, parameterAt, wordsFor } from '@barythm/core/profile';
import { inForce, sameValue, sheetRows } from '@barythm/core/sheet';
import { siteDate } from '@barythm/core/time';
import type { Database } from '../db';
import { loadJob } from '../jobs';
import { problems } from '../problems';
import { jobRows } from './pumps';

/** What happened at a pump over all its jobs: settings changed, drawdowns, services, counters, and each sheet left. */
export async function pumpHistory(database: Database, pumpId: string): Promise<PumpHistory> {
  if (!(await database.models.pumps.findByPk(pumpId))) throw problems.notFound('pump', pumpId);
  const rows = await jobRows(database, 'j.pumpId = $pumpId', { pumpId });
  const loaded = await Promise.all(rows.map((row) => loadJob(database.models, row.id)));
  const jobs = loaded.filter((job) => job !== null).reverse();
  const measured = jobs.flatMap((job) => ownRecords(job));
  return {
    changes: jobs.flatMap(changesOf).reverse(),
    calibrations: measured.flatMap(({ date, body }) => {
      if (body.kind !== 'calibration') return [];
      const stroke_mL = measuredStroke_mL(body);
      const { uncertainty, faults } = resultOf(body);
      return [
        {
          date,
          stroke_mL,
          full_mL: (stroke_mL * 100) / (body.length_pct ?? 100),
          uncertainty,
          accepted: faults.length === 0,
          why: whyRejected(body),
          length_pct: body.length_pct,
        },
      ];
    }),
    services: measured.flatMap(({ date, body }) =>
      body.kind === 'serviced' ? [{ date, what: body.what }] : [],
    ),
    counters: jobs.flatMap((job) =>
      job.records.flatMap(({ body, recordedAt }) =>
        body.kind === 'readings-now' && body.counter !== null
          ? [{ date: siteDate(recordedAt, job.site.zone), counter: body.counter }]
          : [],
      ),
    ),
    sheets: jobs.flatMap(sheetOf),
  };
}

function ownRecords(job: JobDocument): EarlierRecord[] {
  return job.records.flatMap(({ body, recordedAt }): EarlierRecord[] =>
    body.kind === 'calibration' || body.kind === 'serviced'
      ? [{ date: siteDate(recordedAt, job.site.zone), body }]
      : [],
  );
}

/** Every value entered at the controller that changed something: who, when, from what to what, and why. */
function changesOf(job: JobDocument): PumpHistory['changes'] {
  const held = new Map<string, string | number | null>();
  for (const [key, value] of Object.entries(job.lastLeft?.values ?? {})) held.set(key, value);
  const changes: PumpHistory['changes'] = [];
  for (const entry of [...job.entries].sort((a, b) => a.revision - b.revision)) {
    const parameter = parameterAt(job.profile, entry.address);
    if (!parameter || entry.kind === 'target' || entry.value === null) continue;
    const before = held.get(parameter.key) ?? null;
    held.set(parameter.key, entry.value);
    if (entry.kind === 'found' || sameValue(before, entry.value)) continue;
    const target = job.entries.filter((e) => e.kind === 'target' && e.address === entry.address).pop();
    changes.push({
      jobId: job.job.id,
      recordedAt: entry.recordedAt,
      actor: entry.actor,
      address: entry.address,
      label: parameter.label,
      from: before === null ? null : wordsFor(parameter, before),
      to: wordsFor(parameter, entry.value),
      unit: parameter.unit ?? '',
      reason: target?.reason ?? null,
    });
  }
  return changes;
}

function sheetOf(job: JobDocument): PumpHistory['sheets'] {
  const parameters = inOrderOfWork(job.profile);
  const rows = sheetRows(
    job.entries,
    parameters.map((parameter) => addressOf(parameter)),
  );
  const known = parameters.flatMap((parameter) => {
    const row = rows.find((candidate) => candidate.address === addressOf(parameter));
    const value = row && inForce(row)?.value;
    return value === null || value === undefined
      ? []
      : [{ label: parameter.label, value: wordsFor(parameter, value), unit: parameter.unit ?? '' }];
  });
  return known.length === 0 ? [] : [{ jobId: job.job.id, date: job.job.plannedFor, rows: known }];
}
