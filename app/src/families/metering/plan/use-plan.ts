import { bySeverity, type Finding } from '@barythm/core/findings';
import {
  checkPlan,
  checkSettings,
  dosePicture,
  meteringFamily,
  type MeteringView,
  planMetering,
  REASONS,
  understand,
  type DosePicture,
  type MeteringContext,
  type MeteringDuty,
  type MeteringPlan,
  type MeteringSettings,
} from '@barythm/core/families/metering';
import { plannedTargets, type PlannedTarget } from '@barythm/core/job';
import type { SettingValue, SettingValues } from '@barythm/core/profile';
import { keyOf } from '@barythm/core/sheet';
import { useMemo } from 'react';
import { groundOf } from '@barythm/core/families';

/** What was moved by hand in the plan: values by address. */
export type ByHand = Readonly<Record<string, SettingValue>>;

export interface PlanWork {
  readonly context: MeteringContext;
  readonly plan: MeteringPlan;
  readonly targets: readonly PlannedTarget[];
  /** what the controller would hold with these targets */
  readonly values: SettingValues;
  readonly settings: MeteringSettings;
  readonly findings: { readonly found: readonly Finding[]; readonly target: readonly Finding[] };
  /** what is believed to be in the controller, for the line beside the target */
  readonly before: { readonly settings: MeteringSettings; readonly values: SettingValues } | null;
  readonly dose: { readonly found: DosePicture | null; readonly target: DosePicture | null };
}

/** What follows from the duty alone: worked out once for each key press in the duty, not for each move of a point. */
interface Groundwork {
  readonly context: MeteringContext;
  readonly plan: MeteringPlan;
  readonly before: PlanWork['before'];
  readonly foundFindings: readonly Finding[];
  readonly foundDose: DosePicture | null;
}

function groundwork(view: MeteringView, duty: MeteringDuty): Groundwork {
  const { document } = view;
  const values: SettingValues = { ...document.lastLeft?.values, ...view.values.found };
  const context = meteringFamily.context(groundOf(view, duty, { ...values, ...view.values.force }));
  const known = Object.keys(values).length > 0;
  const settings = understand(context.profile, context.plate, values);
  return {
    context,
    plan: planMetering(context),
    before: known ? { settings, values } : null,
    foundFindings: known ? checkSettings(context, 'found', values) : [],
    foundDose: known ? dosePicture(context, settings) : null,
  };
}

/** The plan with what was moved by hand: fast enough for every frame of a drag. */
function withByHand(ground: Groundwork, byHand: ByHand): PlanWork {
  const { context, plan } = ground;
  const targets = plannedTargets(context.profile, plan, REASONS, byHand);
  const values: Record<string, SettingValue | undefined> = { ...plan.values };
  for (const target of targets) values[keyOf(target.address)] = target.value;
  const settings = understand(context.profile, context.plate, values);
  return {
    context,
    plan,
    targets,
    values,
    settings,
    findings: { found: ground.foundFindings, target: bySeverity(checkPlan(context, { ...plan, values })) },
    before: ground.before,
    dose: { found: ground.foundDose, target: dosePicture(context, settings) },
  };
}

/** The plan for the duty as it is typed; null while the duty is not complete. */
export function usePlan(view: MeteringView, duty: MeteringDuty | null, byHand: ByHand): PlanWork | null {
  const ground = useMemo(() => (duty ? groundwork(view, duty) : null), [view, duty]);
  return useMemo(() => (ground ? withByHand(ground, byHand) : null), [ground, byHand]);
}
