import type { AnyFamily, FamilyContext } from '../../families';
import type { Finding } from '../../findings';
import { limitFor, rolesIn, type Parameter, type SettingValue, type SettingValues } from '../../profile';
import { judged } from '../judged';

/** Findings on a column of settings. */
export type Judge = (values: SettingValues) => readonly Finding[];

/**
 * Whether any finding says something about a setting: put to either end of its range, or to another of its options, it changes what is
 * found. What has no meaning to a family, or is judged by nobody, is named so wherever a value by hand is chosen for it.
 *
 * @param values what the controller would hold
 * @param judge the findings on it; null where there is no duty to judge it by
 */
export function isJudged(parameter: Parameter, values: SettingValues, judge: Judge | null): boolean {
  if (!judge || rolesIn(parameter).length === 0) return false;
  const said = (value: SettingValue | undefined) =>
    judge({ ...values, [parameter.key]: value })
      .map(({ text, severity, addresses }) => `${text} ${severity} ${addresses.join(' ')}`)
      .sort()
      .join('\n');
  const now = said(values[parameter.key]);
  return tried(parameter, values).some((value) => said(value) !== now);
}

/** How a family judges targets on a pump; null without a duty. */
export const judgeOf = (family: AnyFamily, context: FamilyContext | null): Judge | null =>
  context && ((values) => judged(family, context, 'target', values));

/** Values at which a finding would show: the ends and the middle of a range, the options, and nothing known. */
function tried(parameter: Parameter, values: SettingValues): (SettingValue | undefined)[] {
  const { options = [], least, greatest, type } = parameter;
  const [low, high] = [limitFor(least, values), limitFor(greatest, values)];
  const figures =
    type !== 'text' && low !== undefined && high !== undefined ? [low, high, (low + high) / 2] : [];
  return [...figures, ...options.map(({ value }) => value), undefined];
}
