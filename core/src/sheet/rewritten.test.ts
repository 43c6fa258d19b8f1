import type { Parameter } from '../profile';
import {
  inForce,
  keyOf,
  openRows,
  sheetRows,
  stateOf,
  valuesOf,
  withRewritten,
  type SheetEntry,
} from './index';

const parameters = [
  { key: 'number', rewrites: ['set', 'start', 'start/2'] },
  { key: 'set' },
  { key: 'start' },
  { key: 'start/2' },
  { key: 'lock' },
] as unknown as Parameter[];
const ADDRESSES = ['pack/1/number', 'heat/1/set', 'cycles/1/start', 'cycles/2/start', 'panel/1/lock'];

let count = 0;
const entry = (address: string, kind: SheetEntry['kind'], value: number, revision: number): SheetEntry => ({
  id: `e-${++count}`,
  address,
  kind,
  raw: String(value),
  unit: '',
  value,
  reason: null,
  recordedAt: '2026-11-24T09:00:00Z',
  actor: 'Technician 1',
  revision,
});
const FOUND = ADDRESSES.map((address, i) => entry(address, 'found', i + 1, 1));
const rowsOf = (...entries: SheetEntry[]) => {
  const all = [...FOUND, ...entries];
  return withRewritten(sheetRows(all, ADDRESSES), all, parameters);
};
const back = (...entries: SheetEntry[]) =>
  rowsOf(...entries)
    .filter(({ rewrittenBy }) => rewrittenBy !== undefined)
    .map(({ address }) => keyOf(address));

test('a change puts back what hangs on it, every place of it, until it is read again', () => {
  const changed = entry('pack/1/number', 'left', 9, 2);
  expect(back(changed)).toEqual(['set', 'start', 'start/2']);
  expect(back(changed, entry('heat/1/set', 'left', 2, 3))).toEqual(['start', 'start/2']);
  expect(back(changed, entry('heat/1/set', 'found', 20, 3))).toEqual(['start', 'start/2']);
});

test('near miss: the same value again, one that was read only, and nothing at all, put nothing back', () => {
  expect(back(entry('pack/1/number', 'left', 1, 2))).toEqual([]);
  expect(back(entry('pack/1/number', 'found', 9, 2))).toEqual([]);
  expect(back()).toEqual([]);
});

test('changed, and changed back: both put everything back', () => {
  const there = entry('pack/1/number', 'left', 9, 2);
  const again = entry('heat/1/set', 'left', 2, 3);
  expect(back(there, again, entry('pack/1/number', 'left', 1, 4))).toContain('set');
  expect(back(there, again, entry('pack/1/number', 'left', 9, 4))).not.toContain('set');
});

test('what was put back is not known, and is to be entered although its target is what was found', () => {
  const target = entry('heat/1/set', 'target', 2, 2);
  const changed = entry('pack/1/number', 'left', 9, 3);
  const rows = rowsOf(target, changed);
  const set = rows[1];
  expect([stateOf(set), inForce(set)]).toEqual(['to-do', null]);
  expect(openRows(rows).map(({ address }) => address)).toContain('heat/1/set');
  expect(valuesOf(rows, 'force')).toEqual({ number: 9, lock: 5 });
  expect(stateOf(rowsOf(target, changed, entry('heat/1/set', 'left', 2, 4))[1])).toBe('done');
});
