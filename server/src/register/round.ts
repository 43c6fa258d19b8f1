import type { Due, FindingCount, PumpResource, Round } from '@barythm/contract/resources';
import { renderFinding, type Finding } from '@barythm/core/findings';
import { ALL_TEXTS } from '@barythm/core/job';
import { siteDate } from '@barythm/core/time';
import { METRIC } from '@barythm/core/units';
import { QueryTypes } from 'sequelize';
import type { Clock } from '../clock';
import type { Database } from '../db';
import { jobRows, pumpPage } from './pumps';
import { dueAt } from './due';
import { stateOfPump, type PumpState } from './state';

/** How many pumps the round looks at: those with the newest work first. More belongs to a search. */
const MOST_PUMPS = 60;

/** Today's and planned visits, and the pumps with something open, the worst first. */
export async function round(database: Database, clock: Clock): Promise<Round> {
  // the workshop's own day; each site's jobs carry their own date
  const zones = await database.sequelize.query<{ zone: string }>('SELECT zone FROM sites LIMIT 1', {
    type: QueryTypes.SELECT,
  });
  const date = siteDate(clock(), zones[0]?.zone ?? 'UTC');
  const rows = await jobRows(database, 'v.date >= :date', { date });
  const visits = new Map<string, Round['visits'][number]>();
  for (const { visitId, siteId, zone, ...job } of rows) {
    const visit = visits.get(visitId) ?? {
      id: visitId,
      date: job.date,
      siteId,
      siteName: job.siteName,
      zone,
      jobs: [],
    };
    visit.jobs.push(job);
    visits.set(visitId, visit);
  }
  const candidates = await database.sequelize.query<{ id: string }>(
    `SELECT p.id FROM pumps p LEFT JOIN jobs j ON j.pumpId = p.id
      WHERE j.id IS NOT NULL OR p.reported IS NOT NULL
      GROUP BY p.id ORDER BY MAX(j.plannedFor) IS NULL DESC, MAX(j.plannedFor) DESC LIMIT :most`,
    { replacements: { most: MOST_PUMPS }, type: QueryTypes.SELECT },
  );
  const looked = await Promise.all(candidates.map(({ id }) => pumpPage(database, clock, id)));
  const states = looked.map((pump) => ({ pump, state: stateOfPump(pump) }));
  const pumps = states.map(({ pump, state }) => openPump(pump, state));
  return {
    date,
    due: looked.flatMap((pump) => dueAt(pump)).sort(mostPressing),
    visits: [...visits.values()].sort((a, b) => a.date.localeCompare(b.date)),
    pumps: pumps.filter((pump) => pump !== null).sort(worstFirst),
  };
}

function openPump(pump: PumpResource, { findings, strip }: PumpState): Round['pumps'][number] | null {
  if (findings.length === 0) return null;
  const { id, tag, name, place, siteId, siteName, family, nowShare } = pump;
  const open = pump.jobs.find((job) => job.state === 'open' || job.state === 'planned');
  return {
    id,
    tag,
    name,
    place,
    siteId,
    siteName,
    family,
    counts: countOf(findings),
    worst: renderFinding(findings[0], ALL_TEXTS, METRIC).title,
    strip,
    nowShare,
    openJobId: open?.id ?? null,
  };
}

/** What is due now first, then by date. */
function mostPressing(a: Due, b: Due): number {
  return (a.date ?? '').localeCompare(b.date ?? '') || a.tag.localeCompare(b.tag);
}

function countOf(findings: readonly Finding[]): FindingCount {
  const count = { stop: 0, warn: 0, note: 0 };
  for (const { severity } of findings) count[severity] += 1;
  return count;
}

function worstFirst(
  a: { counts: FindingCount; tag: string },
  b: { counts: FindingCount; tag: string },
): number {
  return b.counts.stop - a.counts.stop || b.counts.warn - a.counts.warn || a.tag.localeCompare(b.tag);
}
