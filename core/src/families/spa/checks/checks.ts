import { clampedFinding } from '../../parts/clamped';
import { bySeverity, type Finding, type Subject } from '../../../findings';
import { addressOf, parameterWithRole, type SettingValues } from '../../../profile';
import { fig } from '../../../units';
import { OUTPUT_WORDS, outputNamed } from '../effect/panel';
import { rowOf } from '../effect/match';
import type { SpaPlan, SpaProblem } from '../plan/draft';
import type { SpaContext } from '../settings/context';
import type { SpaRole } from '../settings/roles';
import { understand, type SpaSettings } from '../settings/understand';
import { finding } from '../texts/texts';
import type { TableRow } from '../wire/table';
import { checkFilter } from './filter';
import { checkHeat } from './heat';
import { checkLoad } from './load';
import { checkNumber } from './number';

/** What every check of settings is given. */
export interface CheckInput {
  readonly context: SpaContext;
  readonly subject: Subject;
  readonly settings: SpaSettings;
  /** the row that it stands at; null where that is not known or not there */
  readonly row: TableRow | null;
  /** sheet address of a role */
  at(role: SpaRole, index?: number): string | undefined;
}

/** Findings on a column. Throws an InputError on figures of the duty that cannot be computed with. */
export function checkSettings(context: SpaContext, subject: Subject, values: SettingValues): Finding[] {
  const settings = understand(context.profile, context.plate, values);
  const input: CheckInput = {
    context,
    subject,
    settings,
    row: rowOf(context.table, settings.number),
    at: (role, index = 1) => {
      const parameter = parameterWithRole(context.profile, role, index);
      return parameter && addressOf(parameter);
    },
  };
  return bySeverity([...checkNumber(input), ...checkLoad(input), ...checkHeat(input), ...checkFilter(input)]);
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export function checkPlan(context: SpaContext, plan: SpaPlan): Finding[] {
  const problems = plan.problems.map((problem) => problemFinding(context, problem));
  return bySeverity([...problems, ...checkSettings(context, 'target', plan.values)]);
}

function problemFinding({ duty }: SpaContext, problem: SpaProblem): Finding {
  switch (problem.kind) {
    case 'clamped':
      return clampedFinding(problem);
    case 'other-rule':
      return finding('SPA-04.rule', 'target', { asked: problem.asked, taken: problem.taken });
    case 'missing-role':
      return finding('PRO-01', 'target', { role: problem.role });
    case 'no-row':
      return finding('SPA-01.no-row', 'target', {
        blocks:
          problem.blocks.length > 0
            ? problem.blocks.map((output) => OUTPUT_WORDS[output]).join(', ')
            : 'each by itself, but never all together',
        near: problem.near === null ? 'none' : String(problem.near.number),
      });
    case 'overload':
      return finding('SPA-04.none', 'target', {
        least: fig('motorCurrent', problem.least_A),
        breaker: fig('motorCurrent', duty.supply.breaker_A),
      });
    case 'no-key':
      return finding('SPA-07', 'target', {
        outputs: problem.outputs.map(outputNamed).join(', '),
      });
  }
}
