import { parseFigure, type Quantity } from '@barythm/core/units';

/** A figure as it is typed: its value, or what is wrong with it in words. */
export function figureTyped(text: string, quantity: Quantity): { value: number } | { words: string } {
  const read = parseFigure(text, quantity);
  return read.ok ? { value: read.value } : { words: read.words };
}
