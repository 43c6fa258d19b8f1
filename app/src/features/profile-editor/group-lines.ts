import type { AnyProfile } from '@barythm/core/families';

/** A group as it is typed: key | label; a repeating one: key | label | 10 × Program. */
export function groupLine({ key, label, repeat }: AnyProfile['groups'][number]): string {
  if (!repeat) return `${key} | ${label}`;
  const names = repeat.names ? ` | ${repeat.names.join(', ')}` : '';
  return `${key} | ${label} | ${repeat.count} × ${repeat.noun}${names}`;
}

const REPEAT = /^(\d+)\s*[×x]\s*(.+)$/;

/** Reads a line of groups, parted; how often it stands is told where it cannot be read. */
export function readGroup([key, label, times, names]: string[], errors: Record<string, string>) {
  const group = { key, label: label ?? key };
  if (!times) return group;
  const found = REPEAT.exec(times);
  if (!found) {
    errors.groups ??= `“${times}” does not say how often it stands: 10 × Program`;
    return group;
  }
  const listed = names?.split(',').map((name) => name.trim());
  return {
    ...group,
    repeat: { count: Number(found[1]), noun: found[2], ...(listed ? { names: listed } : {}) },
  };
}
