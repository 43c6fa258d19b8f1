import { InputError } from '../input';
import { parseFigure } from '../units';
import type { AnyTool } from './tool';
import { runTool } from './run';
import type { ToolAnswer, ToolField } from './tool';

/** What a filled-in form comes to: an answer, or what is wrong by field. */
export interface Worked {
  readonly errors: Readonly<Record<string, string>>;
  readonly answer: ToolAnswer | null;
}

/** Works a calculator out from the texts of its fields. Whatever is wrong is said in words at its field. */
export function workTool(tool: AnyTool, texts: Readonly<Record<string, string>>): Worked {
  const errors: Record<string, string> = {};
  const input: Record<string, unknown> = {};
  for (const field of tool.fields) {
    const read = readField(field, texts[field.name] ?? '');
    if (read.ok) place(input, field.name, read.value);
    else errors[field.name] = read.words;
  }
  if (Object.keys(errors).length > 0) return { errors, answer: null };
  const checked = tool.input.safeParse(input);
  if (!checked.success) {
    for (const issue of checked.error.issues) errors[fieldAt(tool, issue.path)] ??= issue.message;
    return { errors, answer: null };
  }
  try {
    return { errors, answer: tool.answer(runTool(tool, checked.data)) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { errors: { [error.field]: error.message }, answer: null };
  }
}

function place(input: Record<string, unknown>, name: string, value: unknown): void {
  const [first, ...rest] = name.split('.');
  if (rest.length === 0) input[first] = value;
  else {
    input[first] ??= {};
    place(input[first] as Record<string, unknown>, rest.join('.'), value);
  }
}

/** The field in which an input went wrong: `point.speed` has one of its own, `programs.2.start` stands in `programs`. */
function fieldAt(tool: AnyTool, path: readonly PropertyKey[]): string {
  const whole = path.map(String).join('.');
  return (
    tool.fields.find(({ name }) => whole === name || whole.startsWith(`${name}.`))?.name ?? String(path[0])
  );
}

type Read = { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly words: string };

function readField(field: ToolField, text: string): Read {
  switch (field.kind) {
    case 'choice':
      return { ok: true, value: text };
    case 'figure':
      return parseFigure(text, field.quantity);
    case 'figures':
      return readFigures(field, text);
    case 'rows':
      return readRows(field, text);
  }
}

function readFigures(field: ToolField, text: string): Read {
  const values: number[] = [];
  for (const word of text.split(/[\s;]+/).filter(Boolean)) {
    const parsed = readWord(field, word);
    if (!parsed.ok) return parsed;
    values.push(parsed.value as number);
  }
  return { ok: true, value: values };
}

function readRows(field: ToolField, text: string): Read {
  const lines: number[][] = [];
  for (const [i, line] of text.split('\n').entries()) {
    if (line.trim() === '') continue;
    const read = readFigures(field, line);
    if (!read.ok) return { ok: false, words: `Line ${i + 1}: ${read.words}` };
    const figures = read.value as number[];
    if (figures.length !== field.columns) {
      const words = `Line ${i + 1} has ${figures.length} figures and needs ${field.columns}.`;
      return { ok: false, words };
    }
    lines.push(figures);
  }
  return { ok: true, value: lines };
}

const TIME = /^(\d{1,2}):([0-5]\d)$/;

function readWord(field: ToolField, word: string): Read {
  const time = field.kind === 'rows' ? TIME.exec(word) : null;
  if (!time) return parseFigure(word, field.quantity);
  const minutes = Number(time[1]) * 60 + Number(time[2]);
  return minutes <= 1440
    ? { ok: true, value: minutes }
    : { ok: false, words: `“${word}” is no time of a day.` };
}
