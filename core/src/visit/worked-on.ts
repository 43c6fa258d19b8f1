import type { z } from 'zod';
import type { AnyJob } from './document';
import { COMMON_RECORDS, kindsThat } from './wire';

const known = new WeakMap<readonly z.ZodObject[], ReadonlySet<string>>();

/**
 * Kinds of record whose work touches the pump: it is seen in automatic again after them.
 *
 * @param own the schemas of the records that its family alone writes
 */
export function touchingKinds(own: readonly z.ZodObject[]): ReadonlySet<string> {
  const kinds = known.get(own) ?? new Set(kindsThat('touches', [...COMMON_RECORDS, ...own]));
  known.set(own, kinds);
  return kinds;
}

/** True once something was set, tried or done at the pump, not only read. */
export function wasWorkedOn({ entries, readings, records }: AnyJob, own: readonly z.ZodObject[]): boolean {
  const touching = touchingKinds(own);
  return (
    readings.length > 0 ||
    entries.some(({ kind }) => kind === 'left') ||
    records.some(({ body }) => touching.has(body.kind))
  );
}
