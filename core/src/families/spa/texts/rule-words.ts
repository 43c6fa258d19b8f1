import type { HeaterRule } from '../../../electric';
import type { TableRow } from '../wire/table';

/** When the heater runs, in words. */
export const RULE_WORDS: Readonly<Record<HeaterRule, string>> = {
  'no-pump': 'the heater waits for every pump',
  'none-high': 'the heater waits for high speed',
  'one-high': 'the heater runs beside one pump at high speed',
  any: 'the heater runs beside everything',
};

/** The same of a row; what its table does not say is said to be unknown. */
export function ruleSaid({ heater, ruleUnsaid }: Pick<TableRow, 'heater' | 'ruleUnsaid'>): string {
  return ruleUnsaid ? 'the table does not say when the heater runs' : RULE_WORDS[heater];
}
