import type { JobRow, PumpResource } from '@barythm/contract/resources';
import type { AnyProfile, JobDocument } from '@barythm/core/families';
import { isUntouched } from '@barythm/core/job';
import { shareOfDay, siteDate } from '@barythm/core/time';
import { QueryTypes } from 'sequelize';
import type { Clock } from '../clock';
import type { Database, Row } from '../db';
import { dutyOf, jobBefore, latestJob, reportedOf, standingUnit } from '../jobs';
import { problems } from '../problems';

/** Jobs, newest first, narrowed by a condition on jobs (j), pumps (p), sites (s) or visits (v). */
export async function jobRows(
  database: Database,
  where: string,
  bind: Record<string, unknown>,
  most = 1000,
): Promise<(JobRow & { visitId: string; siteId: string; zone: string })[]> {
  return database.sequelize.query(
    `SELECT j.id, j.pumpId, p.tag, p.name AS pumpName, s.name AS siteName, s.zone, j.state,
            j.plannedFor AS date, j.startedAt, j.actor, j.visitId, v.siteId
       FROM jobs j JOIN pumps p ON p.id = j.pumpId JOIN visits v ON v.id = j.visitId JOIN sites s ON s.id = v.siteId
      WHERE ${where} ORDER BY j.plannedFor DESC, j.startedAt DESC, p.tag LIMIT $most`,
    { bind: { ...bind, most }, type: QueryTypes.SELECT },
  );
}

/** A job as the pump's page would open one, when there is none: nothing written yet. */
export async function pumpPage(database: Database, clock: Clock, id: string): Promise<PumpResource> {
  const { models } = database;
  const pump = (await models.pumps.findByPk(id))?.get() as Row | undefined;
  if (!pump) throw problems.notFound('pump', id);
  const site = (await models.sites.findByPk(pump.siteId as string))?.get() as Row;
  const standing = await standingUnit(models, id);
  if (!standing) throw problems.notFound('unit installed at this pump', id);
  const { unit, replaced } = standing;
  const profile = await models.profiles.findOne({
    where: { id: unit.profileId, version: unit.profileVersion },
  });
  const last: JobDocument | null = await latestJob(database.models, id);
  const latest = last?.unit.id === unit.id ? last : null;
  const before = latest && isUntouched(latest) ? await jobBefore(database.models, latest) : null;
  const zone = site.zone as string;
  return {
    id,
    tag: pump.tag as string,
    name: pump.name as string,
    place: pump.place as string,
    siteId: pump.siteId as string,
    siteName: site.name as string,
    family: pump.family as string,
    signalFrom: pump.signalFrom as PumpResource['signalFrom'],
    note: pump.note as string,
    reported: reportedOf(pump, standing),
    zone,
    retiredOn: (pump.retiredOn as string | null) ?? null,
    code: (pump.code as string | null) ?? '',
    unit: {
      id: unit.id as string,
      model: unit.model as string,
      serial: unit.serial as string,
      plate: unit.plate as PumpResource['unit']['plate'],
      installedOn: unit.fromDate as string,
      plateReadOn: unit.plateReadAt ? siteDate(unit.plateReadAt as string, zone) : null,
    },
    profile: profile?.get('body') as AnyProfile,
    // of a unit that took the place of another its duty is agreed anew: parts of it are of each unit
    duty: latest ? dutyOf(latest) : last ? null : (pump.duty as PumpResource['duty']),
    replaced: replaced && {
      on: unit.fromDate as string,
      model: replaced.model as string,
      serial: replaced.serial as string,
      jobId: last && !latest ? last.job.id : null,
    },
    latest,
    before,
    jobs: await jobRows(database, 'j.pumpId = $id', { id }),
    today: siteDate(clock(), zone),
    nowShare: shareOfDay(clock(), zone),
  };
}
