import { parameterAt, type Parameter } from '../../profile';
import { isReadFirst, type SheetRow } from '../../sheet';
import type { JobView } from '../view';

/** No more are compared in one look: a longer row is read over. */
export const MOST_IN_A_LOOK = 6;

/** What is turned or moved by hand is looked at by itself. */
const BY_ITSELF: ReadonlySet<Parameter['entry']> = new Set(['switches', 'knob', 'mechanical']);

/**
 * The settings that are entered and read back together with the first of those that are still to enter: a program, or a row of figures
 * of one menu. What could hurt somebody as it was found, what has its own caution, what needs a restart or puts others back, and what
 * showed something else already, what opens by a link or a word, and what makes the controller learn anew, each stay by themselves.
 *
 * @param open settings still to enter, in the order of work
 */
export function inOneLook(
  { document, findings }: Pick<JobView, 'document' | 'findings'>,
  open: readonly SheetRow[],
): readonly SheetRow[] {
  const [first] = open;
  const start = first && parameterAt(document.profile, first.address);
  if (!first || !start) return [];
  const hurts = new Set(
    findings.found.flatMap(({ severity, addresses }) => (severity === 'stop' ? addresses : [])),
  );
  const alone = (row: SheetRow, parameter: Parameter) =>
    row.left !== null ||
    row.target === null ||
    hurts.has(row.address) ||
    BY_ITSELF.has(parameter.entry) ||
    parameter.caution !== undefined ||
    parameter.needsRestart ||
    parameter.opensBy !== undefined ||
    parameter.relearns !== undefined ||
    parameter.rewrites !== undefined;
  if (alone(first, start)) return [first];
  const end = open.findIndex((row) => {
    const parameter = parameterAt(document.profile, row.address);
    return (
      parameter === undefined ||
      placeOf(row) !== placeOf(first) ||
      alone(row, parameter) ||
      parameter.enterWhen !== start.enterWhen ||
      // at another panel nobody sees both
      parameter.panel !== start.panel ||
      isReadFirst(row) !== isReadFirst(first)
    );
  });
  return open.slice(0, Math.min(end < 0 ? open.length : end, MOST_IN_A_LOOK));
}

/** Menu and place of a setting: its address without its own key. */
function placeOf({ address }: SheetRow): string {
  return address.slice(0, address.lastIndexOf('/'));
}
