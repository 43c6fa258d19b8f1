import { roundToStep } from '../units';
import type { Limit, Parameter, Predicate } from './parameter';
import { DAY_MIN, DAYS, daysInWords, timeOfDay } from '../time';
import { inOrderOfWork, keyAt } from './placed';
import { MOST } from './bounds';
import type { Profile } from './profile';

/** A parameter's value: a figure in the parameter's own unit, or the value of an option. */
export type SettingValue = number | string;

/** Values by parameter key. What is missing is not known. */
export type SettingValues = Readonly<Record<string, SettingValue | undefined>>;

/** Where a value stands on the sheet: `group/index/parameter`; groups that do not repeat have index 1. */
export function addressOf(parameter: Parameter): string {
  const [key, index = '1'] = parameter.key.split('/');
  return `${parameter.group}/${index}/${key}`;
}

/** The parameter at an address, as it stands in its place; undefined when this controller has none there. */
export function parameterAt(profile: Profile, address: string): Parameter | undefined {
  const [group, index, key] = address.split('/');
  const at = keyAt(key, Number(index));
  return inOrderOfWork(profile).find((parameter) => parameter.key === at && parameter.group === group);
}

/** True where one of some values is tapped, and nothing is typed: a choice, or days that come in fixed groups alone. */
export const isTapped = ({ type, options = [] }: Pick<Parameter, 'type' | 'options'>): boolean =>
  type === 'choice' || (type === 'days' && options.length > 0);

/** How a value reads on paper and screen: an option's label, a time of day, days in words, or the figure itself. */
export function wordsFor(parameter: Parameter, value: SettingValue): string {
  const option = parameter.options?.find((candidate) => candidate.value === value);
  if (option) return option.label;
  if (parameter.type === 'time' && typeof value === 'number') return timeOfDay(value);
  if (parameter.type === 'days') return daysInWords(String(value));
  return String(value);
}

/** A limit in figures, or undefined when it hangs on something not known. */
export function limitFor(limit: Limit | undefined, values: SettingValues): number | undefined {
  if (limit === undefined || typeof limit === 'number') return limit;
  const by = values[limit.by];
  return by === undefined ? undefined : limit.values[String(by)];
}

/** Whether a parameter does anything with these values. What hangs on something not known is taken to apply. */
export function applies(parameter: Parameter, values: SettingValues): boolean {
  return parameter.appliesWhen ? holds(parameter.appliesWhen, values) : true;
}

/** False of a setting in a place past the number of those that are there, once that is known: there is no such drive, slot or cycle. */
export function isThere(profile: Profile, { key, group }: Parameter, values: SettingValues): boolean {
  const by = profile.groups.find((one) => one.key === group)?.repeat?.by;
  const count = by === undefined ? undefined : values[by];
  return typeof count !== 'number' || Number(key.split('/')[1] ?? '1') <= Math.max(1, count);
}

/** Whether a condition is so with these values. What is not known is taken to be so. */
export function holds(predicate: Predicate, values: SettingValues): boolean {
  if ('all' in predicate) return predicate.all.every((inner) => holds(inner, values));
  if ('any' in predicate) return predicate.any.some((inner) => holds(inner, values));
  if ('not' in predicate) return !holds(predicate.not, values);
  const value = values[predicate.parameter];
  return value === undefined || predicate.in.includes(String(value));
}

function isMinuteOfDay(value: SettingValue): boolean {
  return typeof value === 'number' && Number.isInteger(value) && value >= 0 && value < DAY_MIN;
}

function textFault({ longest = MOST.label }: Parameter, value: SettingValue): ValueFault | null {
  const signs = [...String(value)].length;
  return signs > longest ? { kind: 'too-long', most: longest } : null;
}

export type ValueFault =
  | { readonly kind: 'not-an-option' }
  | { readonly kind: 'not-a-number' }
  | { readonly kind: 'not-a-time' }
  | { readonly kind: 'not-days' }
  | { readonly kind: 'not-a-group' }
  | { readonly kind: 'too-long'; readonly most: number }
  | { readonly kind: 'below'; readonly min: number }
  | { readonly kind: 'above'; readonly max: number }
  | { readonly kind: 'off-step'; readonly step: number; readonly nearest: number };

/** What this controller would refuse about a value, or null. */
export function faultOf(parameter: Parameter, value: SettingValue, values: SettingValues): ValueFault | null {
  if (parameter.type === 'choice') {
    return parameter.options?.some((option) => option.value === value) ? null : { kind: 'not-an-option' };
  }
  if (parameter.options?.some((option) => option.value === value)) return null;
  if (parameter.type === 'text') return textFault(parameter, value);
  if (parameter.type === 'days') {
    if (!DAYS.test(String(value))) return { kind: 'not-days' };
    return parameter.options?.length ? { kind: 'not-a-group' } : null;
  }
  if (parameter.type === 'time' && !isMinuteOfDay(value)) return { kind: 'not-a-time' };
  if (typeof value !== 'number' || !Number.isFinite(value)) return { kind: 'not-a-number' };
  const least = limitFor(parameter.least, values);
  const greatest = limitFor(parameter.greatest, values);
  if (least !== undefined && value < least) return { kind: 'below', min: least };
  if (greatest !== undefined && value > greatest) return { kind: 'above', max: greatest };
  if (parameter.step !== undefined) {
    const nearest = roundToStep(value, parameter.step, least ?? 0);
    if (Math.abs(nearest - value) > parameter.step * 1e-6) {
      return { kind: 'off-step', step: parameter.step, nearest };
    }
  }
  return null;
}

/** The fault in words, with the limits. */
export function wordsForFault(parameter: Parameter, fault: ValueFault): string {
  const unit = parameter.unit && parameter.unit !== '-' ? ` ${parameter.unit}` : '';
  if (fault.kind === 'off-step' && parameter.type === 'time') {
    return `${parameter.label} moves in steps of ${fault.step} min; the nearest is ${timeOfDay(fault.nearest)}.`;
  }
  switch (fault.kind) {
    case 'not-an-option':
      return `${parameter.label}: this controller has no such choice.`;
    case 'not-a-number':
      return `${parameter.label} must be a number.`;
    case 'not-a-time':
      return `${parameter.label} is a time of day from 0:00 to 23:59.`;
    case 'not-days':
      return `${parameter.label} names the days of the week, each once.`;
    case 'not-a-group':
      return `${parameter.label}: this controller has ${(parameter.options ?? []).map(({ label }) => label).join(', ')} only.`;
    case 'too-long':
      return `${parameter.label} has room for ${fault.most} signs on this display.`;
    case 'below':
      return `${parameter.label} cannot be below ${fault.min}${unit} on this controller.`;
    case 'above':
      return `${parameter.label} cannot be above ${fault.max}${unit} on this controller.`;
    case 'off-step':
      return `${parameter.label} moves in steps of ${fault.step}${unit}; the nearest is ${fault.nearest}${unit}.`;
  }
}
