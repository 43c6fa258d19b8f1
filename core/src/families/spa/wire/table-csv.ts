import Papa from 'papaparse';
import type { LineFault } from '../../../bench';
import { HEATER_RULES } from '../../../electric';
import { MOST_PUMPS, tableFaults, type Need, type TableRow } from './table';

export type TableCsv =
  | { readonly ok: true; readonly rows: readonly TableRow[] }
  | { readonly ok: false; readonly faults: readonly LineFault[]; readonly more: number };

const MOST_ROWS = 200;
const MOST_FAULTS = 20;

/** Columns as the file names them, in the order in which it is written. */
const PUMPS = Array.from({ length: MOST_PUMPS }, (_, i) => `pump ${i + 1}`);
export const TABLE_COLUMNS = [
  'number',
  ...PUMPS,
  'blower',
  'circulation',
  'ozone',
  'heater',
  'needs',
] as const;

const YES = new Set(['yes', 'y', '1', 'x']);
const NO = new Set(['no', 'n', '0', '', '-']);
const NEED = /^(switch|link) (\d{1,2}) (on|off)$/;

/** Reads one cell; tells what is wrong with it. */
type Reads<T> = (text: string, tell: (words: string) => void) => T;

const number: Reads<number> = (text, tell) => {
  if (!/^\d{1,3}$/.test(text))
    tell(text === '' ? 'The number is missing.' : `“${text}” is no number from 0 to 999.`);
  return Number(text);
};
const speeds: Reads<number> = (text, tell) => {
  if (!/^[012-]?$/.test(text)) tell(`“${text}”: a pump has speeds 1 or 2; empty where there is none.`);
  return /^[12]$/.test(text) ? Number(text) : 0;
};
const yes: Reads<boolean> = (text, tell) => {
  if (!YES.has(text) && !NO.has(text)) tell(`“${text}”: write yes or no.`);
  return YES.has(text);
};
const UNSAID = 'unknown';
const rule: Reads<Pick<TableRow, 'heater' | 'ruleUnsaid'>> = (text, tell) => {
  if (text === UNSAID) return { heater: 'any', ruleUnsaid: true };
  const found = HEATER_RULES.find((one) => one === text);
  if (!found) tell(`“${text}” is none of ${HEATER_RULES.join(', ')}, ${UNSAID}.`);
  return { heater: found ?? 'no-pump' };
};
/** Yes or no, or how many speeds it has. */
const blows: Reads<Pick<TableRow, 'blower' | 'blowerSpeeds'>> = (text, tell) =>
  /^[23]$/.test(text) ? { blower: true, blowerSpeeds: Number(text) } : { blower: yes(text, tell) };
const needs: Reads<Need[]> = (text, tell) =>
  text
    .split('+')
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .flatMap((part): Need[] => {
      const found = NEED.exec(part);
      if (found && Number(found[2]) >= 1 && Number(found[2]) <= 12)
        return [{ part: found[1] as Need['part'], at: Number(found[2]), on: found[3] === 'on' }];
      tell(`“${part}”: write it as “switch 3 on” or “link 2 off”, with + between several.`);
      return [];
    });

/**
 * Reads a pack's table from CSV with a header: number, pump 1 to pump 4 (speeds: 1, 2 or empty), blower (yes, no, or 2 or 3 speeds),
 * circulation, ozone (yes or no),
 * heater (no-pump, none-high, one-high, any; unknown where it does not say), needs (“switch 3 on + link 2 off”). Comma, semicolon or tab; columns in any order, those left
 * out are empty. Every fault is told with its line and column; nothing is taken in when there is one.
 */
export function readTableCsv(text: string): TableCsv {
  // spreadsheets begin a file with a mark of their own
  const lines = text
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\r|\n/)
    .map((line) => line.trim());
  const first = lines.findIndex((line) => line !== '');
  if (first < 0)
    return fail([{ line: 1, column: 1, words: 'There is nothing here: paste the table with its header.' }]);
  const separator = [';', '\t'].find((mark) => lines[first].includes(mark)) ?? ',';
  const cellsOf = (line: string) =>
    (Papa.parse<string[]>(line, { delimiter: separator }).data[0] ?? []).map((cell) =>
      cell.trim().toLowerCase(),
    );
  const head = cellsOf(lines[first]);
  const unknown = head.flatMap((name, i) =>
    (TABLE_COLUMNS as readonly string[]).includes(name)
      ? []
      : [{ line: first + 1, column: i + 1, words: `“${name}” is no column: ${TABLE_COLUMNS.join(', ')}.` }],
  );
  if (unknown.length > 0) return fail(unknown);
  for (const needed of ['number', 'heater'])
    if (!head.includes(needed))
      return fail([{ line: first + 1, column: 1, words: `The column “${needed}” is missing.` }]);
  const faults: LineFault[] = [];
  const rows: TableRow[] = [];
  const at: number[] = [];
  lines.slice(first + 1).forEach((line, i) => {
    if (line === '') return;
    const cells = cellsOf(line);
    const here = first + i + 2;
    if (cells.length > head.length)
      faults.push({
        line: here,
        column: head.length + 1,
        words: `${cells.length} cells under ${head.length} columns.`,
      });
    const cell = <T>(name: string, reads: Reads<T>): T => {
      const column = head.indexOf(name);
      return reads(column < 0 ? '' : (cells[column] ?? ''), (words) =>
        faults.push({ line: here, column: column + 1, words }),
      );
    };
    at.push(here);
    rows.push({
      number: cell('number', number),
      pumps: PUMPS.map((name) => cell(name, speeds)),
      ...cell('blower', blows),
      circulation: cell('circulation', yes),
      ozone: cell('ozone', yes),
      ...cell('heater', rule),
      needs: cell('needs', needs),
    });
  });
  if (rows.length === 0 && faults.length === 0)
    faults.push({ line: first + 2, column: 1, words: 'The table has no rows under its header.' });
  if (rows.length > MOST_ROWS)
    faults.push({ line: at[MOST_ROWS], column: 1, words: `At most ${MOST_ROWS} rows.` });
  if (faults.length === 0)
    for (const one of tableFaults(rows))
      faults.push({ line: at[one.at], column: head.indexOf(one.column) + 1, words: one.words });
  return faults.length > 0 ? fail(faults) : { ok: true, rows };
}

function fail(faults: readonly LineFault[]): TableCsv {
  return { ok: false, faults: faults.slice(0, MOST_FAULTS), more: Math.max(0, faults.length - MOST_FAULTS) };
}

/** A row as the cells of its file, in the order of the columns. */
export function cellsOfRow({
  number: n,
  pumps,
  blower,
  blowerSpeeds,
  circulation,
  ozone,
  heater,
  ruleUnsaid,
  needs: all,
}: TableRow): string[] {
  const word = (on: boolean) => (on ? 'yes' : 'no');
  return [
    String(n),
    ...PUMPS.map((_, i) => (pumps[i] ? String(pumps[i]) : '')),
    blowerSpeeds !== undefined && blowerSpeeds > 1 ? String(blowerSpeeds) : word(blower),
    word(circulation),
    word(ozone),
    ruleUnsaid ? UNSAID : heater,
    all.map(({ part, at, on }) => `${part} ${at} ${on ? 'on' : 'off'}`).join(' + '),
  ];
}

/** A table as its file: what `readTableCsv` reads back. */
export function writeTableCsv(rows: readonly TableRow[]): string {
  return Papa.unparse([[...TABLE_COLUMNS], ...rows.map(cellsOfRow)], { newline: '\n' });
}
