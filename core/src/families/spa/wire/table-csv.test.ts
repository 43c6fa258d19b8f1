import { KEYS, SMALL, SOFT } from '../fixtures';
import { tableSchema } from './table';
import { readTableCsv, writeTableCsv } from './table-csv';

const HEAD = 'number,pump 1,pump 2,blower,heater,needs';
const faults = (text: string) => {
  const read = readTableCsv(text);
  return read.ok ? [] : read.faults.map(({ line, column, words }) => `${line}:${column} ${words}`);
};

test.each([KEYS, SOFT, SMALL])('the table of $id leaves and comes back', ({ behaviours }) => {
  const read = readTableCsv(writeTableCsv(behaviours.rows));
  const whole = behaviours.rows.map(({ pumps, ...row }) => ({
    ...row,
    pumps: [0, 1, 2, 3].map((place) => pumps[place] ?? 0),
  }));
  expect(read).toEqual({ ok: true, rows: whole });
});

test('as it leaves: with the mark that spreadsheets begin a file with, and cells in quotes', () => {
  const read = readTableCsv('\uFEFF"number","pump 1","heater"\r\n"4","2","any"\r\n');
  expect(read).toMatchObject({ ok: true, rows: [{ number: 4, pumps: [2, 0, 0, 0], heater: 'any' }] });
});

test('semicolons, other words for yes, columns in any order, blank lines', () => {
  const read = readTableCsv('heater;number;pump 1;blower\n\nnone-high;4;2;x\n any ; 5 ; 1 ; - \n');
  expect(read.ok && read.rows.map(({ number, heater, blower }) => [number, heater, blower])).toEqual([
    [4, 'none-high', true],
    [5, 'any', false],
  ]);
});

test.each([
  ['', '1:1 There is nothing here: paste the table with its header.'],
  [`${HEAD}\n`, '2:1 The table has no rows under its header.'],
  [
    'number,jets,heater\n1,2,any',
    '1:2 “jets” is no column: number, pump 1, pump 2, pump 3, pump 4, blower, circulation, ozone, heater, needs.',
  ],
  ['number,pump 1\n1,2', '1:1 The column “heater” is missing.'],
  [`${HEAD}\n1,2,,yes,any,\n\n2,3,,no,any,`, '4:2 “3”: a pump has speeds 1 or 2; empty where there is none.'],
  [`${HEAD}\nx,2,,yes,any,`, '2:1 “x” is no number from 0 to 999.'],
  [`${HEAD}\n,2,,yes,any,`, '2:1 The number is missing.'],
  [`${HEAD}\n1,2,,perhaps,any,`, '2:4 “perhaps”: write yes or no.'],
  [`${HEAD}\n1,2,,yes,always,`, '2:5 “always” is none of no-pump, none-high, one-high, any, unknown.'],
  [
    `${HEAD}\n1,2,,yes,any,plug 3`,
    '2:6 “plug 3”: write it as “switch 3 on” or “link 2 off”, with + between several.',
  ],
  [`${HEAD}\n1,2,,yes,any,,more`, '2:7 7 cells under 6 columns.'],
  [`${HEAD}\n1,2,,yes,any,\n1,2,1,yes,any,`, '3:1 The number 1 stands twice.'],
  [
    `${HEAD}\n1,2,,yes,any,\n2,2,,yes,any,`,
    '3:1 Rows 1 and 2 are alike: nothing tells them apart. One of them is copied wrong, or needs a switch or a link that is missing here.',
  ],
])('%j is told with its line and column', (text, words) => {
  expect(faults(text)).toContain(words);
});

test('a switch that a row needs tells it from another', () => {
  expect(faults(`${HEAD}\n1,2,,yes,any,switch 3 on\n2,2,,yes,any,switch 3 off`)).toEqual([]);
});

test('many faults are counted, not listed without end', () => {
  const read = readTableCsv(`${HEAD}\n${Array.from({ length: 60 }, () => 'x,9,,yes,any,').join('\n')}`);
  expect(read).toMatchObject({ ok: false, more: 100 });
});

test('the schema says the same of a table that is typed', () => {
  const [row] = SMALL.behaviours.rows;
  const wordsFor = (rows: unknown) =>
    tableSchema.safeParse(rows).error?.issues.map(({ message }) => message) ?? [];
  expect(wordsFor([])).toEqual(['The table has no rows: enter one at least.']);
  expect(wordsFor([row, row])).toEqual([`The number ${row.number} stands twice.`]);
});
