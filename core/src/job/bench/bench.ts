import type { BenchRun, RunOptions, Scenario } from '../../bench';
import { familyOf, type JobView, type FamilyContext, EVENT_WORDS } from '../../families';
import type { Finding, Subject } from '../../findings';
import type { SettingValues } from '../../profile';
import type { Block } from '../../visit';
import { judged } from '../judged';

/** Runs one set of settings of any pump through a scenario. */
export function benchSheet(
  context: FamilyContext,
  values: SettingValues,
  scenario: Scenario,
  options?: RunOptions,
): BenchRun {
  return familyOf(context.profile.family).bench.run(context, values, scenario, options);
}

/** What can happen to this pump. */
export function eventsFor(context: FamilyContext): readonly string[] {
  return familyOf(context.profile.family).bench.events(context);
}

/** Those of them that one tap is enough for. */
export function thrownAtATap(context: FamilyContext): readonly string[] {
  return eventsFor(context).filter(
    (kind) => EVENT_WORDS[kind].amount === null && !EVENT_WORDS[kind].notByTap,
  );
}

/** Findings on a column of any pump, and one that says so where it cannot be judged. */
export function checkColumn(context: FamilyContext, subject: Subject, values: SettingValues): Finding[] {
  return judged(familyOf(context.profile.family), context, subject, values);
}

/** What was found and what is left, run through the same plain day; null where the family compares otherwise. */
export function benchDay(view: JobView): Block | null {
  const { bench, handOver } = familyOf(view.family);
  const { days } = handOver;
  const { context } = view;
  if (!days || !context) return null;
  const plain = bench.plain(context);
  const sheets = days.sheets(view);
  return days.block(
    context,
    sheets,
    sheets.map(({ values }) => bench.run(context, values, plain).sums),
  );
}
