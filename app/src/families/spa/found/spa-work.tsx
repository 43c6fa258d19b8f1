import { TableCard } from './table-card';

/** Work at a pack beside setting: the table that is printed in it. */
export function SpaWorkCards() {
  return <TableCard />;
}
