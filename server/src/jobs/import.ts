import type { JobFile } from '@barythm/contract/formats';
import { contentHash } from '@barythm/core/profile';
import { labelCode, type Database } from '../db';
import { problems } from '../problems';
import { saveSince } from './save';

/**
 * Takes a job's file in, all or nothing. Its site, pump, unit and profile are made where they are missing and left
 * alone where they are here. A job that is here already is refused.
 */
export async function importJob(database: Database, file: JobFile, actor: string): Promise<string> {
  const { document } = file;
  const { models } = database;
  if (contentHash(document.profile) !== document.profileHash) {
    throw problems.invalid([
      { field: 'document.profileHash', words: 'The profile in this file is not the one its hash names.' },
    ]);
  }
  return database.write(async (transaction) => {
    if (await models.jobs.findByPk(document.job.id, { transaction })) throw problems.exists('job');
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
      code: labelCode(pump.id),
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
      defaults: { id: `visit-${job.id}`, siteId: site.id, date: job.plannedFor, actor: job.actor },
      transaction,
    });
    await models.jobs.create(
      {
        ...job,
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
