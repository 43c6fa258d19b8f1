import { recordForm } from '../../../describe';
import type { AnyWork, Work } from '../../parts/work';
import { rowOf } from '../effect/match';
import type { SpaKind, SpaView } from '../kind';
import { printedTable } from '../settings/context';
import { RULE_WORDS } from '../texts/rule-words';
import { heaterRuleSchema } from '../wire/records';

/** The row of the number that stands, as it is printed. */
const rowThere = ({ profile, document, settings }: SpaView) =>
  rowOf(printedTable(profile, document), settings.number);

/** When the heater runs beside pumps, where the table does not say it: tried, and judged by from then on (SPA-04). */
const heaterRule: Work<SpaKind, 'heater-rule'> = {
  kind: 'heater-rule',
  title: 'When the heater runs',
  there: (view) => rowThere(view)?.ruleUnsaid === true,
  caution: () => 'The current may be above the breaker while everything runs: be ready to stop the pumps.',
  note: 'Cold enough that it heats: all pumps off, then one at high speed, then all, and look each time whether it still heats.',
  form: (view) =>
    recordForm(heaterRuleSchema, { asks: ['rule'], always: { number: rowThere(view)?.number ?? 0 } }),
  said: ({ number, rule }) => ({ words: `Number ${number}: ${RULE_WORDS[rule]}`, verdict: null }),
  lastCounts: true,
};

/** Work at a pack beside its number and settings. */
export const WORK: readonly AnyWork<SpaKind>[] = [heaterRule];
