import { bySeverity, type Finding, type Subject } from '../../findings';
import type { SettingValues } from '../../profile';
import { checkCapacity } from './check-capacity';
import { checkDose } from './check-dose';
import { checkLimits } from './check-limits';
import { checkPump } from './check-pump';
import { checkSignal } from './check-signal';
import type { MeteringContext } from './context';
import { finding } from './finding';
import { planMetering, type MeteringPlan } from './plan';
import { understand, type MeteringSettings } from './settings';
import { fig } from '../../units';

/** What every check of settings is given. */
export interface CheckInput {
  readonly context: MeteringContext;
  readonly subject: Subject;
  readonly values: SettingValues;
  readonly settings: MeteringSettings;
}

/**
 * Findings on one column of the sheet. Whatever was found or left is judged as it stands; what is not known is not
 * judged. Stops come first.
 */
export function checkSettings(context: MeteringContext, subject: Subject, values: SettingValues): Finding[] {
  const input: CheckInput = {
    context,
    subject,
    values,
    settings: understand(context.profile, context.plate, values),
  };
  return bySeverity([
    ...checkLimits(input),
    ...checkPump(input),
    ...checkSignal(input),
    ...checkCapacity(input),
    ...checkDose(input),
  ]);
}

/** Findings on a plan: on the settings it leads to, and on what it could not plan. */
export function checkPlan(context: MeteringContext, plan: MeteringPlan): Finding[] {
  const settings = checkSettings(context, 'target', plan.values);
  const problems = plan.problems.map((problem) => {
    switch (problem.kind) {
      case 'missing-role':
        return finding('PRO-01', 'target', { role: problem.role });
      case 'too-small':
        return finding('MET-04.too-small', 'target', {
          needed: fig('pumpFlow', problem.needed_lph),
          capacity: fig('pumpFlow', problem.capacity_lph),
        });
      case 'change-span': {
        const { signal } = context.duty;
        return finding('MET-04.change-span', 'target', {
          span: fig('waterFlow', signal.source === 'flow' ? signal.span_m3h : 0),
          better: fig('waterFlow', problem.span_m3h),
        });
      }
    }
  });
  // one sentence on capacity is enough: what the plan could not give says it better
  const capacityTold = problems.some((problem) => problem.code === 'MET-04');
  return bySeverity([...problems, ...settings.filter((f) => !capacityTold || f.code !== 'MET-04')]);
}

/** Plan and check in one go, as the screen does on every key press. */
export function planAndCheck(context: MeteringContext): { plan: MeteringPlan; findings: Finding[] } {
  const plan = planMetering(context);
  return { plan, findings: checkPlan(context, plan) };
}
