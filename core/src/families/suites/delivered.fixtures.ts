import {
  expectedOf,
  faultOf,
  inOrderOfWork,
  isTapped,
  limitFor,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { sameValue } from '../../sheet';
import type { AnyProfile } from '../index';

/** What a setting shows on a controller as it is delivered; a lamp what it must show then. */
function deliveredValue(parameter: Parameter, values: Record<string, SettingValue>): SettingValue {
  const { options = [], type, least } = parameter;
  const expected = parameter.seen === undefined ? null : expectedOf(parameter, values);
  if (expected !== null) return expected;
  if (parameter.default !== undefined) return parameter.default;
  if (isTapped(parameter)) return options[0].value;
  if (type === 'text') return 'A1';
  if (type === 'days') return '1234567';
  return typeof least === 'number' ? least : 0;
}

/** Every setting of a controller as it is delivered, by key. */
export function delivered(profile: AnyProfile): Record<string, SettingValue> {
  const values: Record<string, SettingValue> = {};
  const parameters = inOrderOfWork(profile);
  for (const parameter of parameters) values[parameter.key] = deliveredValue(parameter, values);
  // lamps hang on settings that may stand after them
  for (const parameter of parameters.filter(({ seen }) => seen !== undefined))
    values[parameter.key] = deliveredValue(parameter, values);
  return values;
}

/** Another value that the controller takes, given what else it holds; null where there is none. */
export function another(parameter: Parameter, values: SettingValues): SettingValue | null {
  const { key, options = [], step, type, least, greatest } = parameter;
  const now = values[key];
  const low = limitFor(least, values);
  const high = limitFor(greatest, values);
  const figures = [low, high, low !== undefined ? low + (step ?? 1) : undefined].filter(
    (one): one is number => one !== undefined,
  );
  const tried: SettingValue[] = [
    ...options.map(({ value }) => value),
    ...(type === 'text' ? ['B2', 'C'] : []),
    ...(type === 'days' ? ['67', '12345', '1'] : []),
    ...figures,
  ];
  return (
    tried.find(
      (value) => !sameValue(value, now) && faultOf(parameter, value, { ...values, [key]: value }) === null,
    ) ?? null
  );
}
