import type { Parameter, Predicate } from './parameter';
import { holds, wordsFor, type SettingValues } from './values';

/** What a lamp or sign must show with these values; null where nothing is expected, or what it hangs on is not known. */
export function expectedOf({ expects = [] }: Parameter, values: SettingValues): string | null {
  const known = (predicate: Predicate): boolean => {
    if ('all' in predicate) return predicate.all.every(known);
    if ('any' in predicate) return predicate.any.every(known);
    if ('not' in predicate) return known(predicate.not);
    return values[predicate.parameter] !== undefined;
  };
  // what stands before it and is not known could count instead
  const first = expects.find(({ when }) => !known(when) || holds(when, values));
  return first && known(first.when) ? first.value : null;
}

/** What it must show, and with which settings, a line each. */
export function expectedInWords(parameter: Parameter, others: readonly Parameter[]): readonly string[] {
  const said = (predicate: Predicate): string => {
    if ('all' in predicate) return predicate.all.map(said).join(' and ');
    if ('any' in predicate) return predicate.any.map(said).join(' or ');
    if ('not' in predicate) return `not ${said(predicate.not)}`;
    const other = others.find(({ key }) => key === predicate.parameter);
    const looks = predicate.in.map((value) => (other ? wordsFor(other, value) : value));
    return `${other?.label ?? predicate.parameter} ${looks.join(' or ')}`;
  };
  return (parameter.expects ?? []).map(
    ({ value, when }) => `With ${said(when)} it shows: ${wordsFor(parameter, value)}.`,
  );
}
