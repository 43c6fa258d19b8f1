import { isTapped, limitFor, type Limit, type Parameter, type SettingValues } from '@barythm/core/profile';
import { timeOfDay } from '@barythm/core/time';
import { counted } from '@barythm/core/words';

/** Limits, step and unit of a parameter, as far as they are known with these values; nothing of what has none. */
export function limitsInWords(parameter: Parameter, values: SettingValues = {}): string {
  const { type, step } = parameter;
  const options = parameter.options?.map((option) => option.label).join(' / ') ?? '';
  if (isTapped(parameter)) return options;
  if (type === 'days') return '';
  if (type === 'text') return `up to ${counted(parameter.longest ?? 0, 'sign')}`;
  const words = (value: number) => (type === 'time' ? timeOfDay(value) : String(value));
  const unit = parameter.unit && parameter.unit !== '-' ? ` ${parameter.unit}` : '';
  const steps =
    step && !(type === 'time' && step === 1) ? `, step ${step}${type === 'time' ? ' min' : ''}` : '';
  const instead = options === '' ? '' : `, or ${options}`;
  return `${shown(parameter.least, values, words)} to ${shown(parameter.greatest, values, words)}${unit}${steps}${instead}`;
}

function shown(limit: Limit | undefined, values: SettingValues, words: (value: number) => string): string {
  const value = limitFor(limit, values);
  if (value !== undefined) return words(value);
  if (typeof limit === 'object') return Object.values(limit.values).map(words).join('/');
  return '…';
}
