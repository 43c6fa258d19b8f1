import { PRINTED_SIGNS } from './printed-signs';

/** First and last sign of each run, in order. */
const RUNS: readonly (readonly [number, number])[] = runsOf(PRINTED_SIGNS);

function runsOf(text: string): [number, number][] {
  let end = 0;
  return text.split(' ').map((run) => {
    const [ahead, more = '0'] = run.split('-');
    const first = end + parseInt(ahead, 36);
    end = first + parseInt(more, 36);
    return [first, end];
  });
}

/** Signs that stand for nothing of their own: ends of lines, tabs, joiners, marks of direction. */
const SILENT = /[\t\n\r\u200b-\u200f\u202a-\u202e\u2060\u2066-\u2069\ufeff]|[\ufe00-\ufe0f]/;

/** Whether papers can print a sign. */
export function isPrinted(sign: string): boolean {
  if (SILENT.test(sign)) return true;
  const code = sign.codePointAt(0) ?? 0;
  let low = 0;
  let high = RUNS.length - 1;
  while (low <= high) {
    const middle = (low + high) >> 1;
    const [first, last] = RUNS[middle];
    if (code < first) high = middle - 1;
    else if (code > last) low = middle + 1;
    else return true;
  }
  return false;
}

/** The signs of a text that papers cannot print, each once, in their order. */
export function unprinted(text: string): string[] {
  return [...new Set(text.normalize('NFC'))].filter((sign) => !isPrinted(sign));
}

/** What is wrong with a text that is to stand on paper, in words; null where nothing is. */
export function signFault(text: string): string | null {
  const signs = unprinted(text);
  if (signs.length === 0) return null;
  const named = signs.slice(0, 3).map((sign) => `“${sign}”`);
  return `${named.join(', ')} cannot be printed on paper: write it in another way.`;
}

/** Signs of a person's name that find room on paper, beside a date or for whom they sign. */
export const LONGEST_NAME = 60;
export const NAME_TOO_LONG = `At most ${LONGEST_NAME} characters.`;

/** What is wrong with the name of a person as papers are to print it, in words; null where nothing is, as with none. */
export function nameFault(name: string): string | null {
  const longer = name.trim().length > LONGEST_NAME;
  return signFault(name) ?? (longer ? NAME_TOO_LONG : null);
}

/** The first text in some data that papers cannot print, with its place; null where all can be printed. */
export function signFaultIn(
  value: unknown,
  path = '',
): { readonly path: string; readonly words: string } | null {
  if (typeof value === 'string') {
    const words = signFault(value);
    return words === null ? null : { path, words };
  }
  if (value === null || typeof value !== 'object') return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = signFaultIn(inner, path === '' ? key : `${path}.${key}`);
    if (found) return found;
  }
  return null;
}
