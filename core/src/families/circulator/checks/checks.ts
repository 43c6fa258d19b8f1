import { clampedFinding } from '../../parts/clamped';
import { bySeverity, type Finding, type Subject } from '../../../findings';
import { addressOf, parameterWithRole, type SettingValues } from '../../../profile';
import { pumpOf, type PumpInSystem } from '../effect/pump';
import type { CirculatorPlan, CirculatorProblem } from '../plan/draft';
import type { CirculatorContext } from '../settings/context';
import type { CirculatorRole } from '../settings/roles';
import { understand, type CirculatorSettings } from '../settings/understand';
import { finding } from '../texts/texts';
import { checkControl } from './control';
import { checkDuty, checkHead } from './head';
import { checkReturn } from './hot-water';
import { checkTwin } from './twin';

/** What every check of settings is given. */
export interface CheckInput {
  readonly context: CirculatorContext;
  readonly subject: Subject;
  readonly settings: CirculatorSettings;
  readonly pump: PumpInSystem;
  /** sheet address of a role */
  at(role: CirculatorRole, index?: number): string | undefined;
}

/** Findings on a column. Throws an InputError on points of the duty that cannot be fitted. */
export function checkSettings(
  context: CirculatorContext,
  subject: Subject,
  values: SettingValues,
): Finding[] {
  const settings = understand(context.profile, context.plate, values);
  const input: CheckInput = {
    context,
    subject,
    settings,
    pump: pumpOf(context.duty, settings.twin.way),
    at: (role, index = 1) => {
      const parameter = parameterWithRole(context.profile, role, index);
      return parameter && addressOf(parameter);
    },
  };
  return bySeverity([
    ...checkDuty(input),
    ...checkHead(input),
    ...checkControl(input),
    ...checkReturn(input),
    ...checkTwin(input),
  ]);
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export function checkPlan(context: CirculatorContext, plan: CirculatorPlan): Finding[] {
  return bySeverity([...plan.problems.map(problemFinding), ...checkSettings(context, 'target', plan.values)]);
}

function problemFinding(problem: CirculatorProblem): Finding {
  switch (problem.kind) {
    case 'clamped':
      return clampedFinding(problem);
    case 'missing-role':
      return finding('PRO-01', 'target', { role: problem.role });
    case 'no-address':
      return finding('CIR-07.range', 'target', {
        address: 'none is free',
        least: `${problem.least}`,
        greatest: `${problem.greatest}`,
      });
  }
}
