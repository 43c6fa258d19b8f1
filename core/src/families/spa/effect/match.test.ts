import fc from 'fast-check';
import { DUTY, KEYS, LITTLE, SHARED, SMALL, SOFT, tableRow as row } from '../fixtures';
import type { SpaDuty } from '../wire/duty';
import { HEATER_RULES } from '../../../electric';
import { type TableRow } from '../wire/table';
import { inTheWay, lacksOf, matchTable, rowOf, tellsApart, weightOf } from './match';

const numbers = (matches: readonly { row: TableRow }[]) => matches.map(({ row }) => row.number);

test('rows that fit, and near ones by how little they lack', () => {
  const { exact, near } = matchTable(DUTY, KEYS.behaviours.rows);
  expect(numbers(exact)).toEqual([6, 18]);
  expect(near[0].lacks).toEqual([{ kind: 'one-speed', output: 'pump-2' }]);
  expect(numbers(matchTable(LITTLE, SMALL.behaviours.rows).exact)).toEqual([1]);
  expect(numbers(matchTable(SHARED, SOFT.behaviours.rows).exact)).toEqual([14, 16]);
});

test.each<[string, Partial<TableRow>, string[]]>([
  ['a dead pump', { pumps: [2] }, ['dead pump-2']],
  ['a second speed lost', { pumps: [2, 1] }, ['one-speed pump-2']],
  ['no output for the blower', { blower: false }, ['dead blower']],
  ['an output with nothing on it', { pumps: [2, 2, 1] }, ['idle pump-3']],
  ['it counts on a circulation pump that is not there', { circulation: true }, ['still circulation']],
])('%s', (_, change, lacks) => {
  expect(lacksOf(DUTY, row(change)).map(({ kind, output }) => `${kind} ${output}`)).toEqual(lacks);
});

test('low speed of a pump of one speed: harmless, but where the pack filters and heats with it', () => {
  const one: SpaDuty = { ...DUTY, pumps: DUTY.pumps.map((pump) => ({ ...pump, low: null })) };
  expect(lacksOf(one, row()).map(({ kind }) => kind)).toEqual(['still', 'idle']);
  const circulated: SpaDuty = { ...one, circulation: SHARED.circulation };
  expect(lacksOf(circulated, row({ circulation: true })).map(({ kind }) => kind)).toEqual(['idle', 'idle']);
});

test('what is in the way is what no row serves; rows that both fit are told apart', () => {
  const four: SpaDuty = { ...DUTY, pumps: [...DUTY.pumps, DUTY.pumps[0], DUTY.pumps[1]] };
  expect(inTheWay(four, KEYS.behaviours.rows)).toEqual(['pump-3', 'pump-4']);
  expect(inTheWay({ ...DUTY, ozone: SHARED.ozone }, KEYS.behaviours.rows)).toEqual([]);
  const exact = matchTable(SHARED, SOFT.behaviours.rows).exact.map((match) => match.row);
  expect(tellsApart(exact)).toEqual(['when the heater may run', 'the switches and links that they need']);
  expect([rowOf(KEYS.behaviours.rows, 6)?.number, rowOf(KEYS.behaviours.rows, 99), rowOf([], null)]).toEqual([
    6,
    null,
    null,
  ]);
});

test('a match is exact or names a lack; all of nothing lacking weighs nothing', () => {
  const any = fc.record({
    number: fc.nat(999),
    pumps: fc.array(fc.integer({ min: 0, max: 2 }), { maxLength: 4 }),
    blower: fc.boolean(),
    circulation: fc.boolean(),
    ozone: fc.boolean(),
    heater: fc.constantFrom(...HEATER_RULES),
    needs: fc.constant([]),
  });
  fc.assert(
    fc.property(fc.uniqueArray(any, { maxLength: 30, selector: ({ number }) => number }), (rows) => {
      const { exact, near } = matchTable(DUTY, rows);
      expect(exact.length + near.length).toBe(rows.length);
      for (const match of exact) expect([match.lacks, weightOf(match)]).toEqual([[], 0]);
      for (const match of near) expect(weightOf(match)).toBeGreaterThan(0);
      expect(near.map(weightOf)).toEqual(near.map(weightOf).sort((a, b) => a - b));
    }),
  );
});
