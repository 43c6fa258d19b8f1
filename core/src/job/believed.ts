import { inOrderOfWork, movesByItself, type SettingValue } from '../profile';
import { inForce, keyOf, sameValue } from '../sheet';
import type { LastLeft, Origin } from '../visit';
import { rowsOf } from './sheet/rows';
import type { JobDocument } from '../families';

/** Where one of the values that are believed comes from. */
export function originOf(believed: LastLeft, key: string): Origin {
  return believed.origins?.[key] ?? { source: believed.source, date: believed.date };
}

/**
 * What a job leaves in the controller, on top of what was known before it: only what it read or set is its own. A value that
 * was reported stays reported, and one that contradicts another stays contradicted, until somebody reads it.
 */
export function lastLeftOf(document: JobDocument): LastLeft | null {
  const before = document.lastLeft;
  const values: Record<string, SettingValue> = { ...before?.values };
  const origins: Record<string, Origin> = {};
  if (before) for (const key of Object.keys(values)) origins[key] = originOf(before, key);
  const against = { ...before?.against };
  const own: Origin = { source: 'left', date: document.job.plannedFor };
  let known = false;
  const moving = movingKeys(document);
  for (const row of rowsOf(document)) {
    const key = keyOf(row.address);
    if (moving.has(key)) continue;
    // put back by the change of another and not read since: whatever was known of it is not true any more
    if (row.rewrittenBy !== undefined) {
      delete values[key];
      delete origins[key];
      delete against[key];
    }
    const entry = inForce(row);
    // what was only confirmed is as it was known, by whose word it was known
    if (entry && entry.value !== null && !entry.confirmed) {
      values[key] = entry.value;
      origins[key] = own;
      delete against[key];
      known = true;
    }
  }
  return known ? believedAs(own, values, origins, against) : before;
}

/** What goes on by itself is left by nobody: a lamp that was dark on arrival may be lit by what was set since. */
function movingKeys({ profile }: JobDocument): ReadonlySet<string> {
  return new Set(
    inOrderOfWork(profile)
      .filter(movesByItself)
      .map(({ key }) => key),
  );
}

/**
 * What is believed to be in a pump's controller: each setting by the later of what was left and what the site reported. What was
 * seen on a job that is still open comes first. Where a report contradicts what was left before it, both are kept.
 */
export function believedOf(
  latest: JobDocument | null,
  reported: Pick<LastLeft, 'date' | 'values'> | null,
): LastLeft | null {
  const left = latest ? lastLeftOf(latest) : null;
  if (!reported) return left;
  if (!left) return { source: 'reported', date: reported.date, values: reported.values };
  const told: Origin = { source: 'reported', date: reported.date };
  const values: Record<string, SettingValue> = { ...left.values };
  const origins: Record<string, Origin> = {};
  for (const key of Object.keys(values)) origins[key] = originOf(left, key);
  const against = { ...left.against };
  const open = latest !== null && latest.job.state !== 'handed-over';
  let newer = false;
  for (const [key, value] of Object.entries(reported.values)) {
    const origin = origins[key];
    const seenNow = open && origin?.source === 'left' && origin.date === latest.job.plannedFor;
    if (origin && (origin.date >= told.date || seenNow)) continue;
    if (origin?.source === 'left' && !sameValue(values[key], value)) {
      against[key] = { value: values[key], ...origin };
    }
    values[key] = value;
    origins[key] = told;
    newer = true;
  }
  if (!newer) return left;
  return believedAs(told, values, origins, against);
}

/** Together: an origin of its own stands only at what comes from elsewhere than the whole. */
function believedAs(
  whole: Origin,
  values: LastLeft['values'],
  origins: Readonly<Record<string, Origin>>,
  against: NonNullable<LastLeft['against']>,
): LastLeft {
  const others = Object.entries(origins).filter(
    ([, { source, date }]) => source !== whole.source || date !== whole.date,
  );
  return {
    source: whole.source === 'unknown' ? 'left' : whole.source,
    date: whole.date,
    values,
    ...(others.length > 0 ? { origins: Object.fromEntries(others) } : {}),
    ...(Object.keys(against).length > 0 ? { against } : {}),
  };
}
