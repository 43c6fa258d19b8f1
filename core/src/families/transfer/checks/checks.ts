import type { SharedProblem } from '../../parts/shared-problem';
import { addressesOf, eachOf, planCheck } from '../../parts/check-input';
import type { CheckInput } from './input';
import { bySeverity, type Finding, type Subject } from '../../../findings';
import type { SettingValues } from '../../../profile';
import { fig, lazily } from '../../../units';
import { pumpOf } from '../effect/pump';
import type { TransferPlan, TransferProblem } from '../plan/draft';
import type { TransferContext } from '../settings/context';
import { understand } from '../settings/understand';
import { finding } from '../texts/texts';
import { checkCleaning } from './cleaning';
import { checkDelivered } from './delivered';
import { checkLevels } from './levels';
import { checkSetFor } from './plant';
import { checkSpeeds } from './speeds';
import { TRANSFER_ROLE_WORDS } from '../settings/role-words';

/** Findings on a column. Throws an InputError on points and readings of the duty that cannot be fitted. */
export function checkSettings(context: TransferContext, subject: Subject, values: SettingValues): Finding[] {
  const settings = understand(context.profile, context.plate, values);
  const at = addressesOf(context.profile);
  const input = lazily<CheckInput>({
    context: () => context,
    subject: () => subject,
    settings: () => settings,
    pump: () => pumpOf(context.duty),
    at: () => at,
  });
  return bySeverity(eachOf(input, checkSetFor, checkSpeeds, checkLevels, checkCleaning, checkDelivered));
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export const checkPlan = planCheck<TransferContext, TransferPlan>(checkSettings, problemFinding);

function problemFinding(problem: Exclude<TransferProblem, SharedProblem>): Finding {
  if (problem.kind === 'missing-role')
    return finding('PRO-01', 'target', { role: TRANSFER_ROLE_WORDS[problem.role] });
  return finding('LEV-01.none', 'target', {
    moves: fig('speed', problem.least_rpm),
    most: fig('speed', problem.most_rpm),
  });
}
