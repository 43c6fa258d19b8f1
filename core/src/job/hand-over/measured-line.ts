import type { HandoverSummary } from '../../visit';

/** What finds room in a line; the rest stands behind, with its method and tolerance. */
const MOST = 6;

/**
 * The figures that were read at the pump and stand as expected, in a line; null where none was, and on what was handed over before a
 * hand-over told figures from states.
 */
export function measuredLine({ checks }: Pick<HandoverSummary, 'checks'>): string | null {
  const read = checks.filter(
    ({ measured, ok, voided, superseded }) => measured && ok && !voided && !superseded,
  );
  if (read.length === 0) return null;
  const said = read.slice(0, MOST).map(({ title, seen }) => `${title}: ${seen}`);
  const more = read.length - said.length;
  return `Measured: ${said.join('; ')}${more > 0 ? `; ${more} more behind` : ''}.`;
}
