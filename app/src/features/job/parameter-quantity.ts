import type { Parameter, SettingValue } from '@barythm/core/profile';
import { DAYS, minuteOfDay } from '@barythm/core/time';
import { parseFigure, type Quantity } from '@barythm/core/units';

/** What a controller's own unit measures, for reading what is typed. Its figures are kept in that unit. */
const QUANTITY: Readonly<Record<string, Quantity>> = {
  '%': 'percent',
  mA: 'current',
  '1/min': 'strokeRate',
  'L/h': 'pumpFlow',
  bar: 'pressure',
  s: 'seconds',
  min: 'minutes',
  'rev/min': 'speed',
  '°C': 'temperature',
  K: 'difference',
};

export type ParsedValue<T extends SettingValue = SettingValue> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly words: string };

/** Reads a value typed for a parameter: a figure, a time of day, or days. */
export function parseForParameter(parameter: Parameter, text: string): ParsedValue {
  const option = parameter.options?.find(({ value, label }) => value === text || label === text.trim());
  if (option) return { ok: true, value: option.value };
  if (parameter.type === 'time') {
    if (text.trim() === '') return { ok: false, words: 'Nothing is entered yet.' };
    const minute = minuteOfDay(text);
    return minute === null
      ? { ok: false, words: `“${text.trim()}” is no time of day. Type it as 7:30.` }
      : { ok: true, value: minute };
  }
  if (parameter.type === 'days') {
    return DAYS.test(text) ? { ok: true, value: text } : { ok: false, words: 'Choose at least one day.' };
  }
  return parseFigure(text, QUANTITY[parameter.unit ?? ''] ?? 'strokes');
}

/** Reads a figure typed for a parameter that is one. */
export function parseFigureFor(parameter: Parameter, text: string): ParsedValue<number> {
  return parseFigure(text, QUANTITY[parameter.unit ?? ''] ?? 'strokes');
}
