import type { SharedProblem } from '../../parts/shared-problem';
import { addressesOf, eachOf, planCheck } from '../../parts/check-input';
import type { CheckInput } from './input';
import { bySeverity, type Finding, type Subject } from '../../../findings';
import type { SettingValues } from '../../../profile';
import { fig } from '../../../units';
import { outputNamed } from '../effect/panel';
import { OUTPUT_WORDS } from '../wire/behaviours';
import { rowOf } from '../effect/match';
import type { SpaPlan, SpaProblem } from '../plan/draft';
import type { SpaContext } from '../settings/context';
import { understand } from '../settings/understand';
import { finding } from '../texts/texts';
import { checkFilter } from './filter';
import { checkHeat } from './heat';
import { checkLoad } from './load';
import { checkNumber } from './number';
import { SPA_ROLE_WORDS } from '../settings/role-words';

/** Findings on a column. Throws an InputError on figures of the duty that cannot be computed with. */
export function checkSettings(context: SpaContext, subject: Subject, values: SettingValues): Finding[] {
  const settings = understand(context.profile, context.plate, values);
  const input: CheckInput = {
    context,
    subject,
    settings,
    row: rowOf(context.table, settings.number),
    at: addressesOf(context.profile),
  };
  return bySeverity(eachOf(input, checkNumber, checkLoad, checkHeat, checkFilter));
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export const checkPlan = planCheck<SpaContext, SpaPlan>(checkSettings, problemFinding);

function problemFinding(problem: Exclude<SpaProblem, SharedProblem>, { duty }: SpaContext): Finding {
  switch (problem.kind) {
    case 'other-rule':
      return finding('SPA-04.rule', 'target', { asked: problem.asked, taken: problem.taken });
    case 'missing-role':
      return finding('PRO-01', 'target', { role: SPA_ROLE_WORDS[problem.role] });
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
