import { parseFigure, type Quantity } from '@barythm/core/units';

export interface FigureDraft {
  /** null while nothing, or nothing readable, is typed */
  readonly value: number | null;
  /** said at the field; null while empty or right */
  readonly error: string | null;
}

/** A figure that may be left out. */
export function optionalFigure(text: string, quantity: Quantity): FigureDraft {
  if (text.trim() === '') return { value: null, error: null };
  const parsed = parseFigure(text, quantity);
  return parsed.ok ? { value: parsed.value, error: null } : { value: null, error: parsed.words };
}
