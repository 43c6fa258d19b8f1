import type { BenchRun, RunOptions, Scenario } from '../bench';
import type { FamilyContext } from '../families';
import { benchSheet as benchMetering, plainDay, checkSettings as checkMetering } from '../families/metering';
import { benchSheet as benchPool, plainWeek, checkSettings as checkPool } from '../families/pool';
import type { Finding, Subject } from '../findings';
import { orElse } from '../input';
import type { SettingValues } from '../profile';
import { isPool } from './context';

/** Runs one set of settings of any pump through a scenario. */
export function benchSheet(
  context: FamilyContext,
  values: SettingValues,
  scenario: Scenario,
  options?: RunOptions,
): BenchRun {
  return isPool(context)
    ? benchPool(context, values, scenario, options)
    : benchMetering(context, values, scenario, options);
}

/** The time in which nothing goes wrong that a pump is looked at in: a day of its water, or a mild week. */
export function plainScenario(context: FamilyContext): Scenario {
  return isPool(context) ? plainWeek() : plainDay(context);
}

/** Findings on a column of any pump; none where the duty cannot be computed with, which is said where it is typed. */
export function checkColumn(context: FamilyContext, subject: Subject, values: SettingValues): Finding[] {
  return orElse(
    () => (isPool(context) ? checkPool(context, subject, values) : checkMetering(context, subject, values)),
    [],
  );
}
