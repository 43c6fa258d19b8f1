import { InputError } from '@barythm/core/input';
import type { AnyTool, ToolAnswer, ToolField } from '@barythm/core/tools';
import { parseFigure } from '@barythm/core/units';
import { useMemo } from 'react';
import { useDraftForm } from '../../draft/use-draft-form';

export interface ToolForm {
  readonly texts: Readonly<Record<string, string>>;
  readonly errors: Readonly<Record<string, string>>;
  readonly answer: ToolAnswer | null;
  readonly set: (field: string, text: string) => void;
}

/**
 * A calculator's form: texts as typed (kept through a reload), worked out at every key press by the tool's own schema
 * and function.
 */
export function useToolForm(tool: AnyTool): ToolForm {
  const initial = Object.fromEntries(tool.fields.map((field) => [field.name, field.initial]));
  const { texts, set } = useDraftForm<Record<string, string>>(`tool:${tool.id}`, initial);
  const worked = useMemo(() => work(tool, texts), [tool, texts]);
  // a choice whose options hang on another field moves to the first of them when that field changes
  const setAll = (name: string, text: string) => {
    set(name, text);
    const next = { ...texts, [name]: text };
    for (const field of tool.fields) {
      const options = field.options?.(next);
      if (options?.length && field.name !== name && !options.some((o) => o.value === next[field.name])) {
        set(field.name, options[0].value);
      }
    }
  };
  return { texts, ...worked, set: setAll };
}

function work(
  tool: AnyTool,
  texts: Readonly<Record<string, string>>,
): { errors: Record<string, string>; answer: ToolAnswer | null } {
  const errors: Record<string, string> = {};
  const input: Record<string, unknown> = {};
  for (const field of tool.fields) {
    const read = readField(field, texts[field.name] ?? '');
    if (read.ok) input[field.name] = read.value;
    else errors[field.name] = read.words;
  }
  if (Object.keys(errors).length > 0) return { errors, answer: null };
  const checked = tool.input.safeParse(input);
  if (!checked.success) {
    for (const issue of checked.error.issues) errors[String(issue.path[0])] ??= issue.message;
    return { errors, answer: null };
  }
  try {
    return { errors, answer: tool.answer(tool.run(checked.data)) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { errors: { [error.field]: error.message }, answer: null };
  }
}

type Read = { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly words: string };

function readField(field: ToolField, text: string): Read {
  if (field.kind === 'choice') return { ok: true, value: text };
  if (field.kind === 'figure') return parseFigure(text, field.quantity);
  const values: number[] = [];
  for (const word of text.split(/[\s;]+/).filter(Boolean)) {
    const parsed = parseFigure(word, field.quantity);
    if (!parsed.ok) return parsed;
    values.push(parsed.value);
  }
  return { ok: true, value: values };
}
