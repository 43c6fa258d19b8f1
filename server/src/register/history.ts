import type { PumpHistory } from '@barythm/contract/resources';
import { inOrderOfWork, addressOf, parameterAt, wordsFor } from '@barythm/core/profile';
import { chosenWords, rowsOf } from '@barythm/core/job';
import { inForce, sameValue, type SheetEntry } from '@barythm/core/sheet';
import { siteDate } from '@barythm/core/time';
import { QueryTypes } from 'sequelize';
import type { Database } from '../db';
import { loadJob } from '../jobs';
import { problems } from '../problems';
import { jobRows } from './pumps';
import {
  measuredStroke_mL,
  resultOf,
  whyRejected,
  withdrawnDrawdowns,
} from '@barythm/core/families/metering';
import type { Earlier, JobDocument } from '@barythm/core/families';

/** Each job is read whole: so many of the newest are gone through, and the page says how many are older. */
const MOST_JOBS = 60;

/** What happened at a pump over its jobs: settings changed, drawdowns, services, counters, and each sheet left. */
export async function pumpHistory(database: Database, pumpId: string): Promise<PumpHistory> {
  if (!(await database.models.pumps.findByPk(pumpId))) throw problems.notFound('pump', pumpId);
  const rows = await jobRows(database, 'j.pumpId = $pumpId', { pumpId }, MOST_JOBS);
  const all = await database.models.jobs.count({ where: { pumpId } });
  const loaded = await Promise.all(rows.map((row) => loadJob(database.models, row.id)));
  const jobs = loaded.filter((job) => job !== null).reverse();
  const units = await unitsOf(database, pumpId);
  // a calibration, a service and a counter are of the unit, not of its place
  const ofUnit = jobs.filter(({ unit }) => unit.id === units[0]?.id);
  const measured = ofUnit.flatMap((job) => ownRecords(job));
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
    counters: ofUnit.flatMap((job) =>
      job.records.flatMap(({ body, recordedAt }) =>
        body.kind === 'readings-now' && body.counter !== null
          ? [{ date: siteDate(recordedAt, job.site.zone), counter: body.counter }]
          : [],
      ),
    ),
    sheets: jobs.flatMap(sheetOf),
    units: units.map(({ id: _, ...unit }) => unit),
    olderJobs: Math.max(0, all - rows.length),
  };
}

type Unit = PumpHistory['units'][number] & { readonly id: string };

/** Every unit that stood there, the one that stands there first. */
async function unitsOf(database: Database, pumpId: string): Promise<Unit[]> {
  return database.sequelize.query<Unit>(
    `SELECT u.id, u.model, u.serial, f.name AS profile, u.fromDate AS "from", u.toDate AS "to"
       FROM units u LEFT JOIN profiles f ON f.id = u.profileId AND f.version = u.profileVersion
      WHERE u.pumpId = $pumpId ORDER BY u.toDate IS NOT NULL, u.toDate DESC, u.fromDate DESC, u.rowid DESC`,
    { bind: { pumpId }, type: QueryTypes.SELECT },
  );
}

function ownRecords(job: JobDocument): Earlier[] {
  const withdrawn = withdrawnDrawdowns(job);
  return job.records.flatMap((record): Earlier[] => {
    const { body, recordedAt } = record;
    return (body.kind === 'calibration' && !withdrawn.has(record)) || body.kind === 'serviced'
      ? [{ date: siteDate(recordedAt, job.site.zone), body }]
      : [];
  });
}

/**
 * What each visit changed at the controller: who, when, from what it held to what it was left at, and why by the plan that
 * stood then. A value put right within the visit is one change to what the pump held in the end, and says what was read first.
 */
function changesOf(job: JobDocument): PumpHistory['changes'] {
  const entries = [...job.entries].sort((a, b) => a.revision - b.revision);
  const addresses = [...new Set(entries.filter(({ kind }) => kind === 'left').map(({ address }) => address))];
  return addresses
    .flatMap((address) => {
      const parameter = parameterAt(job.profile, address);
      const own = entries.filter((entry) => entry.address === address && entry.value !== null);
      const left = own.filter(({ kind }) => kind === 'left');
      const last = left.at(-1);
      if (!parameter || !last) return [];
      const found = own
        .filter(({ kind, revision }) => kind === 'found' && revision < left[0].revision)
        .at(-1);
      const before = found?.value ?? job.lastLeft?.values[parameter.key] ?? null;
      if (sameValue(before, last.value)) return [];
      const target = targetOf(entries, address, last.revision);
      const earlier = left.filter(({ value }) => !sameValue(value, last.value));
      return [
        {
          jobId: job.job.id,
          recordedAt: last.recordedAt,
          date: siteDate(last.recordedAt, job.site.zone),
          actor: last.actor,
          address,
          label: parameter.label,
          from: before === null ? null : wordsFor(parameter, before),
          to: wordsFor(parameter, last.value!),
          corrected: earlier.map(({ value }) => wordsFor(parameter, value!)),
          unit: parameter.unit ?? '',
          reason: target?.by ? chosenWords(parameter, { chosen: target }) : (target?.reason ?? null),
        },
      ];
    })
    .sort((a, b) => a.recordedAt.localeCompare(b.recordedAt));
}

/** The target that a value was entered for: a technician's own where he chose one, else the plan's. */
function targetOf(entries: readonly SheetEntry[], address: string, revision: number): SheetEntry | undefined {
  const stood = entries.filter(
    (entry) => entry.kind === 'target' && entry.address === address && entry.revision < revision,
  );
  const chosen = stood.filter(({ by }) => by !== undefined).at(-1);
  return chosen && chosen.by !== 'plan' ? chosen : stood.filter(({ by }) => by === undefined).at(-1);
}

function sheetOf(job: JobDocument): PumpHistory['sheets'] {
  const parameters = inOrderOfWork(job.profile);
  const rows = rowsOf(job);
  const known = parameters.flatMap((parameter) => {
    const row = rows.find((candidate) => candidate.address === addressOf(parameter));
    const value = row && inForce(row)?.value;
    return value === null || value === undefined
      ? []
      : [{ label: parameter.label, value: wordsFor(parameter, value), unit: parameter.unit ?? '' }];
  });
  return known.length === 0 ? [] : [{ jobId: job.job.id, date: job.job.plannedFor, rows: known }];
}
