import type { AnyJob } from './document';

/** Records of any pump whose work touches it. */
const ON_ANY_PUMP: readonly string[] = ['check', 'reset'];

/**
 * True once something was set, tried or done at the pump, not only read.
 *
 * @param touches kinds of record of its own family whose work touches the pump
 */
export function wasWorkedOn({ entries, readings, records }: AnyJob, touches: readonly string[]): boolean {
  return (
    readings.length > 0 ||
    entries.some(({ kind }) => kind === 'left') ||
    records.some(({ body }) => ON_ANY_PUMP.includes(body.kind) || touches.includes(body.kind))
  );
}

/** Kinds of record after which a pump is seen in automatic again. */
export function touchingKinds(touches: readonly string[]): ReadonlySet<string> {
  return new Set([...ON_ANY_PUMP, ...touches]);
}
