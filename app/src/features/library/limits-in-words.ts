import { limitFor, type Limit, type Parameter, type SettingValues } from '@barythm/core/profile';

/** Limits, step and unit of a parameter, as far as they are known with these values. */
export function limitsInWords(parameter: Parameter, values: SettingValues = {}): string {
  if (parameter.type === 'choice') return parameter.options?.map((option) => option.label).join(' / ') ?? '';
  const unit = parameter.unit && parameter.unit !== '-' ? ` ${parameter.unit}` : '';
  const least = shown(parameter.least, values);
  const greatest = shown(parameter.greatest, values);
  const step = parameter.step ? `, step ${parameter.step}` : '';
  return `${least} to ${greatest}${unit}${step}`;
}

function shown(limit: Limit | undefined, values: SettingValues): string {
  const value = limitFor(limit, values);
  if (value !== undefined) return String(value);
  if (typeof limit === 'object') return Object.values(limit.values).join('/');
  return '…';
}
