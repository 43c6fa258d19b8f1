import Papa from 'papaparse';

/** Faults of a file, as far as they are told, and how many more there are. */
export interface Faults {
  readonly faults: readonly LineFault[];
  readonly more: number;
}

export function placeOfFault({ line, column }: LineFault): string {
  return `Line ${line}, column ${column}`;
}

/** All of them in one text, for a field that has one place to say it. */
export function faultsSaid({ faults, more }: Faults): string {
  const lines = faults.map((fault) => `${placeOfFault(fault)}: ${fault.words}`);
  return [...lines, ...(more > 0 ? [`And ${more} more.`] : [])].join('\n');
}

/** A fault in a file, at its line (and column, both from 1). */
export interface LineFault {
  readonly line: number;
  readonly column: number;
  readonly words: string;
}

export type WaterCsv =
  | { readonly ok: true; readonly every_s: number; readonly flows_m3h: readonly number[] }
  | { readonly ok: false; readonly faults: readonly LineFault[]; readonly more: number };

/** More rows than a week has minutes are taken for a mistake. */
export const MOST_ROWS = 7 * 24 * 60;
const MOST_FAULTS = 20;
const TIME = /^(?:(\d+)\.)?(\d{1,2}):(\d{2})$/;
const NUMBER = /^\d+(?:[.,]\d+)?$/;

/**
 * Reads a day or week of water flow from CSV: `time,flow` with a header, times such as 6:30 (or 2.6:30 for the third
 * day), evenly spaced from 0:00, flows in m³/h. Comma, semicolon or tab; decimal comma with a semicolon or tab. Every
 * fault is told with its line and column; nothing is taken in when there is one.
 */
export function readWaterCsv(text: string): WaterCsv {
  const separator = separatorOf(text);
  const lines = text.split(/\r\n|\r|\n/, MOST_ROWS + 3).filter((line) => line.trim() !== '');
  if (lines.length > MOST_ROWS + 1) {
    return fail([
      { line: MOST_ROWS + 2, column: 1, words: `More than ${MOST_ROWS} rows, a week in minutes.` },
    ]);
  }
  const { data } = Papa.parse<string[]>(lines.join('\n'), { delimiter: separator });
  const [head, ...rows] = data;
  if (!head || head.length !== 2) {
    return fail([
      {
        line: 1,
        column: 1,
        words: 'Two columns are needed, “time” and “flow”, with a comma, semicolon or tab between them.',
      },
    ]);
  }
  const faults: LineFault[] = [];
  const flows: number[] = [];
  const times: number[] = [];
  const first = TIME.test(head[0].trim()) ? data : rows;
  const offset = first === data ? 1 : 2;
  first.forEach((row, i) => {
    const line = i + offset;
    if (row.length !== 2) {
      faults.push({ line, column: 1, words: `${row.length} columns stand here; two are needed.` });
      return;
    }
    const minute = minuteOf(row[0].trim());
    if (minute === null) {
      faults.push({ line, column: 1, words: `“${row[0]}” is no time of day, e.g. 6:30.` });
    } else times.push(minute);
    const flow = row[1].trim();
    if (!NUMBER.test(flow)) {
      faults.push({ line, column: 2, words: flowWords(flow) });
    } else flows.push(Number(flow.replace(',', '.')));
  });
  if (faults.length > 0) return fail(faults);
  if (flows.length === 0) return fail([{ line: 2, column: 1, words: 'No rows under the header.' }]);
  return spaced(times, flows, offset);
}

function spaced(times: readonly number[], flows: readonly number[], offset: number): WaterCsv {
  if (times[0] !== 0) return fail([{ line: offset, column: 1, words: 'The first row must be 0:00.' }]);
  const step = times.length > 1 ? times[1] - times[0] : 24 * 60;
  for (let i = 1; i < times.length; i++) {
    if (step <= 0 || times[i] - times[i - 1] !== step) {
      const words =
        times[i] <= times[i - 1]
          ? 'This time does not come after the one above.'
          : `A gap: rows are ${step} min apart until here, ${times[i] - times[i - 1]} min now.`;
      return fail([{ line: i + offset, column: 1, words }]);
    }
  }
  const whole = times.length * step;
  if (whole % (24 * 60) !== 0) {
    return fail([
      { line: times.length - 1 + offset, column: 1, words: 'The rows must fill whole days, up to midnight.' },
    ]);
  }
  return { ok: true, every_s: step * 60, flows_m3h: flows };
}

function fail(faults: readonly LineFault[]): WaterCsv {
  return { ok: false, faults: faults.slice(0, MOST_FAULTS), more: Math.max(0, faults.length - MOST_FAULTS) };
}

function separatorOf(text: string): string {
  const line = text.slice(0, 1000).split(/\r\n|\r|\n/)[0];
  return line.includes(';') ? ';' : line.includes('\t') ? '\t' : ',';
}

function minuteOf(text: string): number | null {
  const found = TIME.exec(text);
  if (!found) return null;
  const [, day, hour, minute] = found;
  if (Number(hour) > 23 || Number(minute) > 59 || Number(day ?? 0) > 6) return null;
  return Number(day ?? 0) * 24 * 60 + Number(hour) * 60 + Number(minute);
}

function flowWords(flow: string): string {
  if (flow === '') return 'The flow is missing.';
  if (flow.startsWith('-') || flow.startsWith('−')) return `“${flow}”: a flow cannot be negative.`;
  return `“${flow}” is not a flow: enter a number, e.g. 12.5.`;
}
