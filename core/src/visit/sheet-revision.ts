import type { AnyJob } from './document';

/**
 * Revision of the last value entered at the controller; what a reading proves. 0 before any.
 *
 * @param addresses the settings that count; all of them where left out
 */
export function sheetRevision(document: AnyJob, addresses?: readonly string[]): number {
  return document.entries.reduce(
    (last, { kind, address, revision }) =>
      kind === 'left' && (addresses === undefined || addresses.includes(address))
        ? Math.max(last, revision)
        : last,
    0,
  );
}
