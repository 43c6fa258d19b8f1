import { inTodaysFormat } from '@barythm/core/job';
import type { Decision } from '@barythm/core/findings';
import {
  MOST_IN_JOB,
  withoutTakenBack,
  type AnyHandover,
  type Instrument,
  type ProofReading,
} from '@barythm/core/visit';
import type { AnyProfile, JobDocument, JobRecord, JobPlan } from '@barythm/core/families';
import type { SheetEntry, TargetBy } from '@barythm/core/sheet';
import { Op, QueryTypes, type Transaction } from 'sequelize';
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

function without<T>(row: Row, ...columns: string[]): T {
  return Object.fromEntries(Object.entries(row).filter(([name]) => !columns.includes(name))) as T;
}

/** A job's own row with what it hangs on, as one question asks for it; documents are JSON still. */
interface Frame {
  readonly state: JobDocument['job']['state'];
  readonly version: number;
  readonly startedAt: string;
  readonly plannedFor: string;
  readonly actor: string;
  readonly dutyBefore: string | null;
  readonly lastLeft: string | null;
  readonly earlier: string | null;
  readonly siteId: string | null;
  readonly siteName: string;
  readonly sitePlace: string;
  readonly zone: string;
  readonly pumpId: string | null;
  readonly tag: string;
  readonly pumpName: string;
  readonly pumpPlace: string;
  readonly signalFrom: JobDocument['pump']['signalFrom'];
  readonly unitId: string | null;
  readonly model: string;
  readonly serial: string;
  readonly plate: string;
  readonly small: number | null;
  readonly profile: string | null;
  readonly profileHash: string;
  readonly handover: string | null;
  /** what was put right in the register since it was handed over, as JSON; none while it is open */
  readonly changes: string;
}

const FRAME = `
  SELECT j.state, j.version, j.startedAt, j.plannedFor, j.actor, j.dutyBefore, j.lastLeft, j.earlier, j.small,
         s.id AS siteId, s.name AS siteName, s.place AS sitePlace, s.zone,
         p.id AS pumpId, p.tag, p.name AS pumpName, p.place AS pumpPlace, p.signalFrom,
         u.id AS unitId, u.model, u.serial, u.plate, f.body AS profile, f.hash AS profileHash, h.body AS handover,
         (SELECT json_group_array(json_object('id', c.id, 'what', c.what, 'before', c.before))
            FROM register_changes c
           WHERE c.whatId IN (p.id, s.id, u.id) AND c.changedAt > json_extract(h.body, '$.recordedAt')) AS changes
    FROM jobs j
    LEFT JOIN pumps p ON p.id = j.pumpId
    LEFT JOIN sites s ON s.id = p.siteId
    LEFT JOIN units u ON u.id = j.unitId
    LEFT JOIN profiles f ON f.id = j.profileId AND f.version = j.profileVersion
    LEFT JOIN handovers h ON h.jobId = j.id
   WHERE j.id = $id`;

const parsed = <T>(json: string | null): T | null => (json === null ? null : (JSON.parse(json) as T));

/** Which instruments a job comes with: those that it names, or all that it could name next. */
export type InstrumentsWanted = 'named' | 'offered';

/** The job's document from its rows, or null when there is none with this id. */
export async function loadJob(
  models: Models,
  id: string,
  { transaction, instruments = 'named' }: { transaction?: Transaction; instruments?: InstrumentsWanted } = {},
): Promise<JobDocument | null> {
  const [frame] = await models.jobs.sequelize!.query<Frame>(FRAME, {
    bind: { id },
    type: QueryTypes.SELECT,
    transaction,
  });
  if (!frame) return null;
  const { siteId, pumpId, unitId, zone } = frame;
  const named = namesThen(frame);
  const profile = parsed<AnyProfile>(frame.profile);
  if (!pumpId || !unitId || !siteId || !profile) throw new Error(`Job ${id} has lost what it hangs on.`);
  const [entries, plans, records, readings, decisions] = await Promise.all([
    ofJob(models, 'sheet_entries', id, transaction),
    ofJob(models, 'plans', id, transaction),
    ofJob(models, 'records', id, transaction),
    ofJob(models, 'readings', id, transaction),
    ofJob(models, 'decisions', id, transaction),
  ]);
  const used = [...new Set(readings.flatMap(({ instrumentId }) => (instrumentId as string | null) ?? []))];
  const { state, version, startedAt, plannedFor, actor, signalFrom } = frame;
  const { tag, model, serial } = named;
  const document: JobDocument = {
    job: { id, state, version, startedAt, plannedFor, actor, ...(frame.small ? { small: true } : {}) },
    site: { id: siteId, name: named.siteName, place: named.sitePlace, zone },
    pump: { id: pumpId, tag, name: named.pumpName, place: named.pumpPlace, signalFrom },
    unit: { id: unitId, model, serial, plate: JSON.parse(frame.plate) as JobDocument['unit']['plate'] },
    profile,
    profileHash: frame.profileHash,
    dutyBefore: parsed(frame.dutyBefore),
    lastLeft: parsed(frame.lastLeft),
    earlier: parsed<NonNullable<JobDocument['earlier']>>(frame.earlier) ?? [],
    instruments: await instrumentsOf(models, instruments === 'named' ? used : null, transaction),
    plans: plans.map((row) => without<JobPlan>(row, 'jobId')),
    entries: entries.map((row): SheetEntry => ({
      ...without<SheetEntry>(row, 'jobId', 'confirmed', 'by'),
      ...(row.confirmed ? { confirmed: true as const } : {}),
      ...(row.by ? { by: row.by as TargetBy } : {}),
    })),
    records: records.map((row) => without<JobRecord>(row, 'jobId', 'kind')),
    readings: readings.map((row): ProofReading => {
      const { body, ...rest } = without<ProofReading & { body: ProofReading['reading'] }>(row, 'jobId');
      return { ...rest, reading: body };
    }),
    decisions: decisions.map((row) => without<Decision & { id: string; revision: number }>(row, 'jobId')),
    handover: frame.handover
      ? inTodaysFormat(JSON.parse(frame.handover) as AnyHandover, profile.family, zone)
      : null,
  };
  return withoutTakenBack(document);
}

type Names = Pick<Frame, 'tag' | 'pumpName' | 'pumpPlace' | 'siteName' | 'sitePlace' | 'model' | 'serial'>;

/** What each thing is called in a change, and in a job. */
const CALLED: Readonly<Record<string, Readonly<Record<string, keyof Names>>>> = {
  pump: { tag: 'tag', name: 'pumpName', place: 'pumpPlace' },
  site: { name: 'siteName', place: 'sitePlace' },
  unit: { model: 'model', serial: 'serial' },
};

/** The names that stood when a job was handed over: what was put right since does not change what was handed over. */
function namesThen(frame: Frame): Names {
  const changes = JSON.parse(frame.changes) as { id: number; what: string; before: string }[];
  // the oldest change after it says last what stood before
  return changes
    .sort((a, b) => b.id - a.id)
    .reduce<Names>((names, { what, before }) => {
      const called = CALLED[what] ?? {};
      const own = Object.entries(JSON.parse(before) as Readonly<Record<string, string>>).flatMap(
        ([key, text]) => (called[key] ? [[called[key], text]] : []),
      );
      return { ...names, ...(Object.fromEntries(own) as Partial<Names>) };
    }, frame);
}

/** Instruments by their ids, or as many of the register as a job holds. */
async function instrumentsOf(
  models: Models,
  ids: readonly string[] | null,
  transaction?: Transaction,
): Promise<Instrument[]> {
  if (ids?.length === 0) return [];
  const rows = await models.instruments.findAll({
    ...(ids ? { where: { id: { [Op.in]: ids } } } : { limit: MOST_IN_JOB.instruments }),
    order: [['id', 'ASC']],
    transaction,
  });
  return rows.map((row) => without<Instrument>(row.get({ plain: false }), 'actor'));
}
