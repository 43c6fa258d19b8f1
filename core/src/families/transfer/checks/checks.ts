import { clampedFinding } from '../../parts/clamped';
import { bySeverity, type Finding, type Subject } from '../../../findings';
import { addressOf, parameterWithRole, type SettingValues } from '../../../profile';
import { fig } from '../../../units';
import { pumpOf, type PumpOut } from '../effect/pump';
import type { TransferPlan, TransferProblem } from '../plan/draft';
import type { TransferContext } from '../settings/context';
import type { TransferRole } from '../settings/roles';
import { understand, type TransferSettings } from '../settings/understand';
import { finding } from '../texts/texts';
import { checkCleaning } from './cleaning';
import { checkDelivered } from './delivered';
import { checkLevels } from './levels';
import { checkSetFor } from './plant';
import { checkSpeeds } from './speeds';

/** What every check of settings is given. */
export interface CheckInput {
  readonly context: TransferContext;
  readonly subject: Subject;
  readonly settings: TransferSettings;
  readonly pump: PumpOut;
  /** sheet address of a role */
  at(role: TransferRole): string | undefined;
}

/** Findings on a column. Throws an InputError on points and readings of the duty that cannot be fitted. */
export function checkSettings(context: TransferContext, subject: Subject, values: SettingValues): Finding[] {
  const input: CheckInput = {
    context,
    subject,
    settings: understand(context.profile, context.plate, values),
    pump: pumpOf(context.duty),
    at: (role) => {
      const parameter = parameterWithRole(context.profile, role);
      return parameter && addressOf(parameter);
    },
  };
  return bySeverity([
    ...checkSetFor(input),
    ...checkSpeeds(input),
    ...checkLevels(input),
    ...checkCleaning(input),
    ...checkDelivered(input),
  ]);
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export function checkPlan(context: TransferContext, plan: TransferPlan): Finding[] {
  return bySeverity([...plan.problems.map(problemFinding), ...checkSettings(context, 'target', plan.values)]);
}

function problemFinding(problem: TransferProblem): Finding {
  if (problem.kind === 'clamped') return clampedFinding(problem);
  if (problem.kind === 'missing-role') return finding('PRO-01', 'target', { role: problem.role });
  return finding('LEV-01.none', 'target', {
    moves: fig('speed', problem.least_rpm),
    most: fig('speed', problem.most_rpm),
  });
}
