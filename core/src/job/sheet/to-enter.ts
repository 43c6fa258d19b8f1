import { familyOf } from '../../families';
import { parameterAt } from '../../profile';
import { stateOf, type SheetRow } from '../../sheet';
import type { JobView } from '../view';

/** Settings that are still to enter, in the order of work; what its family enters after another waits for the last of that. */
export function toEnter({
  family,
  document,
  rows,
}: Pick<JobView, 'family' | 'document' | 'rows'>): SheetRow[] {
  const after = familyOf(family).enteredAfter ?? {};
  const roleOf = ({ address }: SheetRow) => parameterAt(document.profile, address)?.role ?? '';
  const open = rows.filter((row) => ['to-do', 'differs'].includes(stateOf(row)));
  const waits = (row: SheetRow) => open.some((other) => roleOf(other) === after[roleOf(row)]);
  const waiting = open.filter(waits);
  const order = open.filter((row) => !waiting.includes(row));
  for (const row of waiting) {
    const last = order.findLastIndex((other) => roleOf(other) === after[roleOf(row)]);
    order.splice(last + 1, 0, row);
  }
  return order;
}
