import { readTableCsv, writeTableCsv } from '../wire/table-csv';
import { type TableRow } from '../wire/table';
import type { Place } from '../../../describe';
import { faultsSaid } from '../../../bench';

/** A pack's table as lines of text with a header: typed, copied row by row, or pasted from a file. */
export const tablePlace: Place = {
  read: (texts, path, tell) => {
    const read = readTableCsv(typeof texts === 'string' ? texts : '');
    if (read.ok) return read.rows.map((row) => ({ ...row, pumps: withoutEnd(row.pumps) }));
    tell(path, faultsSaid(read));
  },
  write: (value) => (Array.isArray(value) ? writeTableCsv(value as TableRow[]) : ''),
};

/** Places at the end with no pump are left out, as a table has them. */
function withoutEnd(pumps: readonly number[]): number[] {
  const last = pumps.findLastIndex((speeds) => speeds > 0);
  return pumps.slice(0, last + 1);
}
