import { workTool, type AnyTool, type ToolAnswer } from '@barythm/core/tools';
import { useMemo } from 'react';
import { useDraftOf } from '../../draft/use-draft';

const NOTHING = {};

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
  const initial = useMemo(
    () => Object.fromEntries(tool.fields.map((field) => [field.name, field.initial])),
    [tool],
  );
  const [kept, setKept] = useDraftOf<Readonly<Record<string, string>>>(`tool:${tool.id}`, NOTHING);
  const texts = useMemo(() => ({ ...initial, ...kept }), [initial, kept]);
  const worked = useMemo(() => workTool(tool, texts), [tool, texts]);
  // a choice whose options hang on another field moves to the first of them when that field changes
  const set = (name: string, text: string) => {
    const next = { ...texts, [name]: text };
    for (const field of tool.fields) {
      const options = field.options?.(next);
      if (options?.length && field.name !== name && !options.some((o) => o.value === next[field.name])) {
        next[field.name] = options[0].value;
      }
    }
    setKept(next);
  };
  return { texts, ...worked, set };
}
