import type { Parameter } from '@barythm/core/profile';
import { parseFigure, type ParsedFigure, type Quantity } from '@barythm/core/units';

/** What a controller's own unit measures, for reading what is typed. Its figures are kept in that unit. */
const QUANTITY: Readonly<Record<string, Quantity>> = {
  '%': 'percent',
  mA: 'current',
  '1/min': 'strokeRate',
  'L/h': 'pumpFlow',
  bar: 'pressure',
  s: 'seconds',
  min: 'minutes',
};

/** Reads a figure typed for a parameter. */
export function parseForParameter(parameter: Parameter, text: string): ParsedFigure {
  return parseFigure(text, QUANTITY[parameter.unit ?? ''] ?? 'strokes');
}
