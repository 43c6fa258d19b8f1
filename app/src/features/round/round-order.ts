import type { Due, JobRow, Round } from '@barythm/contract/resources';

/** Jobs of one day at one site, whoever began them. */
interface SiteDay {
  readonly key: string;
  readonly date: string;
  readonly siteName: string;
  readonly zone: string;
  readonly jobs: readonly JobRow[];
}

/** Visits by day and site: what is unfinished of other days first, then today, then what is planned. */
export function visitsBySite({ visits }: Pick<Round, 'visits'>): readonly SiteDay[] {
  const days = new Map<string, SiteDay>();
  for (const { date, siteId, siteName, zone, jobs } of visits) {
    const key = `${date}/${siteId}`;
    const known = days.get(key);
    days.set(key, { key, date, siteName, zone, jobs: [...(known?.jobs ?? []), ...jobs] });
  }
  return [...days.values()].sort(
    (a, b) => a.date.localeCompare(b.date) || a.siteName.localeCompare(b.siteName),
  );
}

/** What is due, pump by pump in the order of what presses most. */
export function dueByPump(due: readonly Due[]): readonly (readonly [Due, ...Due[]])[] {
  const pumps = new Map<string, [Due, ...Due[]]>();
  for (const one of due) {
    const known = pumps.get(one.pumpId);
    if (known) known.push(one);
    else pumps.set(one.pumpId, [one]);
  }
  return [...pumps.values()];
}
