import type { SharedProblem } from '../../parts/shared-problem';
import { addressesOf, eachOf, planCheck } from '../../parts/check-input';
import type { CheckInput } from './input';
import { bySeverity, type Finding, type Subject } from '../../../findings';
import type { SettingValues } from '../../../profile';
import { lazily } from '../../../units';
import { pumpOf } from '../effect/pump';
import type { CirculatorPlan, CirculatorProblem } from '../plan/draft';
import type { CirculatorContext } from '../settings/context';
import { understand } from '../settings/understand';
import { finding } from '../texts/texts';
import { checkControl } from './control';
import { checkDuty, checkHead } from './head';
import { checkReturn } from './hot-water';
import { checkTwin } from './twin';
import { CIRCULATOR_ROLE_WORDS } from '../settings/role-words';

/** Findings on a column. Throws an InputError on points of the duty that cannot be fitted. */
export function checkSettings(
  context: CirculatorContext,
  subject: Subject,
  values: SettingValues,
): Finding[] {
  const settings = understand(context.profile, context.plate, values);
  const at = addressesOf(context.profile);
  const input = lazily<CheckInput>({
    context: () => context,
    subject: () => subject,
    settings: () => settings,
    pump: () => pumpOf(context.duty, settings.twin.way),
    at: () => at,
  });
  return bySeverity(eachOf(input, checkDuty, checkHead, checkControl, checkReturn, checkTwin));
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export const checkPlan = planCheck<CirculatorContext, CirculatorPlan>(checkSettings, problemFinding);

function problemFinding(problem: Exclude<CirculatorProblem, SharedProblem>): Finding {
  switch (problem.kind) {
    case 'missing-role':
      return finding('PRO-01', 'target', { role: CIRCULATOR_ROLE_WORDS[problem.role] });
    case 'no-address':
      return finding('CIR-07.range', 'target', {
        address: 'none is free',
        least: `${problem.least}`,
        greatest: `${problem.greatest}`,
      });
  }
}
