import type { Tool } from '@barythm/core/tools';
import { parseFigure, type Quantity } from '@barythm/core/units';
import { InputError } from '@barythm/core/input';
import { useMemo } from 'react';
import type { z } from 'zod';
import { useDraftForm } from '../../draft/use-draft-form';

export interface ToolForm<Out> {
  readonly texts: Readonly<Record<string, string>>;
  readonly errors: Readonly<Record<string, string>>;
  readonly result: Out | null;
  readonly set: (field: string, text: string) => void;
}

/**
 * A calculator's form: texts as typed (kept through a reload), worked out at every key press by the tool's own schema
 * and function. `quantities` says which fields are figures, and of what.
 */
export function useToolForm<In extends z.ZodType, Out>(
  tool: Tool<In, Out>,
  quantities: Readonly<Record<string, Quantity | null>>,
  initial: Readonly<Record<string, string>>,
): ToolForm<Out> {
  const { texts, set } = useDraftForm<Record<string, string>>(`tool:${tool.id}`, initial);
  const worked = useMemo(() => work(tool, quantities, texts), [tool, quantities, texts]);
  return { texts, ...worked, set };
}

function work<In extends z.ZodType, Out>(
  tool: Tool<In, Out>,
  quantities: Readonly<Record<string, Quantity | null>>,
  texts: Readonly<Record<string, string>>,
): { errors: Record<string, string>; result: Out | null } {
  const errors: Record<string, string> = {};
  const input: Record<string, unknown> = {};
  for (const [field, quantity] of Object.entries(quantities)) {
    const text = texts[field] ?? '';
    if (quantity === null) input[field] = text;
    else {
      const parsed = parseFigure(text, quantity);
      if (parsed.ok) input[field] = parsed.value;
      else errors[field] = parsed.words;
    }
  }
  if (Object.keys(errors).length > 0) return { errors, result: null };
  const checked = tool.input.safeParse(input);
  if (!checked.success) {
    for (const issue of checked.error.issues) errors[String(issue.path[0])] ??= issue.message;
    return { errors, result: null };
  }
  try {
    return { errors, result: tool.run(checked.data) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { errors: { [error.field]: error.message }, result: null };
  }
}
