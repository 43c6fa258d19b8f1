import type { JobFile } from '@barythm/contract/formats';
import { inTodaysFormat } from '@barythm/core/job';
import { contentHash } from '@barythm/core/profile';
import { Op, type Transaction } from 'sequelize';
import { freeCode, type Database, type Models } from '../db';
import { problems } from '../problems';
import { saveSince } from './save';
import type { JobDocument } from '@barythm/core/families';

/**
 * Takes a job's file in, all or nothing. Its site, pump, unit and profile are made where they are missing and left
 * alone where they are here. A job that is here already is refused.
 */
export async function importJob(database: Database, file: JobFile, actor: string): Promise<string> {
  const document = understood(file.document);
  const { models } = database;
  if (contentHash(document.profile) !== document.profileHash) {
    throw problems.invalid([
      { field: 'document.profileHash', words: 'The profile in this file is not the one its hash names.' },
    ]);
  }
  refuseTwice(document);
  return database.write(async (transaction) => {
    if (await models.jobs.findByPk(document.job.id, { transaction })) throw problems.exists('job');
    await refuseForeign(models, document, transaction);
    const ensure = async (table: 'sites' | 'pumps' | 'units' | 'instruments', row: { id: string }) => {
      await models[table].findOrCreate({
        where: { id: row.id },
        defaults: { ...row, actor },
        transaction,
      });
    };
    const { site, pump, unit, profile, job } = document;
    await ensure('sites', site);
    const family = profile.family;
    await ensure('pumps', {
      ...pump,
      siteId: site.id,
      family,
      duty: document.dutyBefore,
      reported: null,
      note: '',
      code: await freeCode(models, pump.id, transaction),
    } as { id: string });
    const known = await models.profiles.findOne({
      where: { id: profile.id, version: profile.version },
      transaction,
    });
    if (known && known.get('hash') !== document.profileHash) {
      throw problems.invalid([
        {
          field: 'document.profile',
          words: 'Another profile with this id and version is here; a published version never changes.',
        },
      ]);
    }
    if (!known) {
      const { id, version, name } = profile;
      await models.profiles.create(
        { id, version, name, hash: document.profileHash, body: profile, actor },
        { transaction },
      );
    }
    await ensure('units', {
      ...unit,
      pumpId: pump.id,
      profileId: profile.id,
      profileVersion: profile.version,
      fromDate: job.plannedFor,
      toDate: null,
    } as { id: string });
    for (const instrument of document.instruments) await ensure('instruments', instrument);
    const [visit] = await models.visits.findOrCreate({
      where: { siteId: site.id, date: job.plannedFor },
      defaults: {
        id: `visit-${job.id}`.slice(0, 64),
        siteId: site.id,
        date: job.plannedFor,
        actor: job.actor,
      },
      transaction,
    });
    await models.jobs.create(
      {
        ...job,
        small: job.small ? 1 : null,
        visitId: visit.get('id'),
        pumpId: pump.id,
        unitId: unit.id,
        dutyBefore: document.dutyBefore,
        lastLeft: document.lastLeft,
        earlier: document.earlier ?? [],
        profileId: profile.id,
        profileVersion: profile.version,
      },
      { transaction },
    );
    await saveSince(models, document, -1, transaction);
    return job.id;
  });
}

/** The job as it is kept here: whatever format its hand-over was frozen in. */
function understood(filed: JobFile['document']): JobDocument {
  const { handover, profile, site } = filed;
  return { ...filed, handover: handover && inTodaysFormat(handover, profile.family, site.zone) };
}

/** An id stands once among the lines of a job, and no line is younger than the job itself. */
function refuseTwice({ entries, plans, records, readings, decisions, takenBack, job }: JobDocument): void {
  const all = { entries, plans, records, readings, decisions };
  for (const [field, lines] of Object.entries(all)) {
    const back = takenBack?.[field as keyof typeof takenBack] ?? [];
    const seen = new Set<string>(back.map(({ id }) => id));
    if (seen.size < back.length || back.some(({ revision }) => revision > job.version)) {
      throw problems.invalid([
        { field: `document.takenBack.${field}`, words: 'A line stands twice, or is younger than the job.' },
      ]);
    }
    lines.forEach(({ id, revision }, i) => {
      const at = `document.${field}.${i}`;
      if (seen.has(id))
        throw problems.invalid([{ field: `${at}.id`, words: `The id “${id}” stands twice.` }]);
      seen.add(id);
      if (revision > job.version) {
        throw problems.invalid([{ field: `${at}.revision`, words: 'This line is younger than its job.' }]);
      }
    });
  }
}

/** What the file names must be what it is here: a pump of that site, a unit of that pump, and one job open on it at most. */
async function refuseForeign(
  models: Models,
  { site, pump, unit, job }: JobDocument,
  transaction: Transaction,
): Promise<void> {
  const fault = (field: string, words: string) => problems.invalid([{ field: `document.${field}`, words }]);
  const known = await models.pumps.findByPk(pump.id, { transaction });
  if (known && known.get('siteId') !== site.id)
    throw fault('pump.id', 'This pump belongs to another site here.');
  const installed = await models.units.findByPk(unit.id, { transaction });
  if (installed && installed.get('pumpId') !== pump.id)
    throw fault('unit.id', 'This unit belongs to another pump here.');
  const current = await models.units.findOne({ where: { pumpId: pump.id, toDate: null }, transaction });
  if (current && current.get('id') !== unit.id) {
    throw fault('unit.id', 'Another unit is installed at this pump here.');
  }
  if (job.state !== 'planned' && job.state !== 'open') return;
  const open = await models.jobs.findOne({
    where: { pumpId: pump.id, state: { [Op.in]: ['planned', 'open'] } },
    transaction,
  });
  if (open) throw fault('job.state', 'A job is open on this pump here already.');
}
