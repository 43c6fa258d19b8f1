import { familyOf, type FamilyName } from '@barythm/core/families';
import { isTapped, quantityOf, type Parameter, type SettingValue } from '@barythm/core/profile';
import { DAYS, minuteOfDay } from '@barythm/core/time';
import { parseInUnit } from '@barythm/core/units';

export type ParsedValue<T extends SettingValue = SettingValue> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly words: string };

/** Reads a value typed for a parameter of a family's controller: a figure, a time of day, days, or words. */
export function parseForParameter(family: FamilyName, parameter: Parameter, text: string): ParsedValue {
  const option = parameter.options?.find(({ value, label }) => value === text || label === text.trim());
  if (option) return { ok: true, value: option.value };
  if (parameter.type === 'time') {
    if (text.trim() === '') return { ok: false, words: 'Nothing is entered yet.' };
    const minute = minuteOfDay(text);
    return minute === null
      ? { ok: false, words: `“${text.trim()}” is no time of day. Type it as 7:30.` }
      : { ok: true, value: minute };
  }
  if (parameter.type === 'text') {
    const words = text.trim();
    return words === ''
      ? { ok: false, words: 'Type what stands there; “-” where nothing does.' }
      : { ok: true, value: words };
  }
  if (isTapped(parameter)) return { ok: false, words: 'Choose one.' };
  if (parameter.type === 'days') {
    return DAYS.test(text) ? { ok: true, value: text } : { ok: false, words: 'Choose at least one day.' };
  }
  return parseFigureFor(family, parameter, text);
}

/** Reads a figure typed for a parameter that is one, in the unit that its display shows: a pasted unit is brought to it. */
export function parseFigureFor(family: FamilyName, parameter: Parameter, text: string): ParsedValue<number> {
  return parseInUnit(text, quantityOf(parameter, familyOf(family).quantities), parameter.unit ?? '');
}
