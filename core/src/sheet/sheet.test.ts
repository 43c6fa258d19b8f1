import fc from 'fast-check';
import {
  inForce,
  keyOf,
  openRows,
  sameValue,
  sheetRows,
  stateOf,
  valuesOf,
  type EntryKind,
  type SheetEntry,
} from './index';

let count = 0;
const entry = (
  address: string,
  kind: EntryKind,
  value: SheetEntry['value'],
  revision: number,
): SheetEntry => ({
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
const LIMIT = 'motor/1/limit';
const START = 'programs/3/start';
const row = (...entries: SheetEntry[]) => sheetRows(entries, [LIMIT])[0];

describe('rows', () => {
  test('stand in the order asked for, any others after them; the last of each kind counts', () => {
    const rows = sheetRows(
      [entry(START, 'found', 420, 1), entry(LIMIT, 'found', 3260, 2), entry(LIMIT, 'found', 3400, 3)],
      [LIMIT],
    );
    expect(rows.map(({ address }) => address)).toEqual([LIMIT, START]);
    expect(rows[0].found?.value).toBe(3400);
  });
  test('a target that the newest plan does not name is withdrawn', () => {
    const rows = sheetRows(
      [entry(LIMIT, 'target', 2630, 4), entry(START, 'target', 0, 4), entry(LIMIT, 'target', 2600, 7)],
      [LIMIT, START],
    );
    expect(rows.map(({ target }) => target?.value ?? null)).toEqual([2600, null]);
  });
});

describe('the state of a row', () => {
  const found = entry(LIMIT, 'found', 3260, 1);
  test.each([
    ['keep', [found]],
    ['keep', [found, entry(LIMIT, 'target', 3260, 2)]],
    ['to-do', [found, entry(LIMIT, 'target', 2630, 2)]],
    ['done', [found, entry(LIMIT, 'target', 2630, 2), entry(LIMIT, 'left', 2630, 3)]],
    ['differs', [found, entry(LIMIT, 'target', 2630, 2), entry(LIMIT, 'left', 2600, 3)]],
    ['not-recorded', [entry(LIMIT, 'target', 2630, 2)]],
  ] as const)('%s', (state, entries) => {
    expect(stateOf(row(...entries))).toBe(state);
  });
  test('open are those whose target the controller does not hold', () => {
    const rows = sheetRows(
      [found, entry(LIMIT, 'target', 2630, 2), entry(START, 'found', 0, 1), entry(START, 'target', 0, 2)],
      [LIMIT, START],
    );
    expect(openRows(rows).map(({ address }) => address)).toEqual([LIMIT]);
  });
});

describe('what the controller holds', () => {
  test('as left, else as found; what is read again after it was left counts', () => {
    expect(inForce(row(entry(LIMIT, 'found', 3260, 1)))?.value).toBe(3260);
    expect(inForce(row(entry(LIMIT, 'found', 3260, 1), entry(LIMIT, 'left', 2630, 5)))?.value).toBe(2630);
    expect(inForce(row(entry(LIMIT, 'left', 2630, 5), entry(LIMIT, 'found', 2500, 6)))?.value).toBe(2500);
    expect(inForce(row())).toBeNull();
  });
  test('as values by key, its place from the second on; what could not be read is left out', () => {
    const rows = sheetRows(
      [
        entry('programs/1/start', 'found', 420, 1),
        entry(START, 'found', null, 2),
        entry(LIMIT, 'found', 3260, 3),
        entry(LIMIT, 'target', 2630, 4),
      ],
      [],
    );
    expect(valuesOf(rows, 'force')).toEqual({ start: 420, limit: 3260 });
    expect(valuesOf(rows, 'planned')).toEqual({ start: 420, limit: 2630 });
    expect(valuesOf(rows, 'left')).toEqual({});
    expect([keyOf('programs/1/start'), keyOf(START)]).toEqual(['start', 'start/3']);
  });
});

test('values that differ by binary dust are the same; texts and figures never are', () => {
  expect(sameValue(0.1 + 0.2, 0.3)).toBe(true);
  expect(sameValue(2630, 2631)).toBe(false);
  expect(sameValue('420', 420)).toBe(false);
  expect(sameValue(null, undefined)).toBe(false);
  fc.assert(
    fc.property(
      fc.double({ min: -1e6, max: 1e6, noNaN: true }),
      fc.double({ min: 1e-3, max: 1e3 }),
      (a, by) => {
        expect(sameValue(a, a)).toBe(true);
        expect(sameValue(a, a + by)).toBe(false);
        expect(sameValue(a, a + by)).toBe(sameValue(a + by, a));
      },
    ),
  );
});
