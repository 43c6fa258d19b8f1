import { bySeverity, type Finding } from '@barythm/core/findings';
import {
  checkPlan,
  checkSettings,
  dosePicture,
  planMetering,
  understand,
  type DosePicture,
  type MeteringContext,
  type MeteringDuty,
  type MeteringPlan,
  type MeteringSettings,
} from '@barythm/core/families/metering';
import { lastRecord, plannedTargets, type JobView, type PlannedTarget } from '@barythm/core/job';
import type { SettingValue, SettingValues } from '@barythm/core/profile';
import { keyOf } from '@barythm/core/sheet';
import { useMemo } from 'react';

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

/** Plans and checks from a duty and what was moved by hand: fast enough for every key press and every drag. */
export function workOutPlan(view: JobView, duty: MeteringDuty, byHand: ByHand): PlanWork {
  const { document } = view;
  const identify = lastRecord(document, 'identify');
  const before: SettingValues = { ...document.lastLeft?.values, ...view.values.found };
  const context: MeteringContext = {
    duty,
    profile: document.profile,
    plate: identify?.body.plate ?? document.unit.plate,
    today: view.today,
    inForce: { ...before, ...view.values.force },
    signalFrom: identify?.body.signalFrom ?? document.pump.signalFrom,
  };
  const plan = planMetering(context);
  const targets = plannedTargets(document.profile, plan, byHand);
  const values: Record<string, SettingValue | undefined> = { ...plan.values };
  for (const target of targets) values[keyOf(target.address)] = target.value;
  const moved = targets.some((target) => byHand[target.address] !== undefined);
  const settings = understand(context.profile, context.plate, values);
  const known = Object.keys(before).length > 0;
  const beforeSettings = understand(context.profile, context.plate, before);
  return {
    context,
    plan,
    targets,
    values,
    settings,
    findings: {
      found: known ? checkSettings(context, 'found', before) : [],
      target: moved ? bySeverity(checkPlan(context, { ...plan, values })) : checkPlan(context, plan),
    },
    before: known ? { settings: beforeSettings, values: before } : null,
    dose: {
      found: known ? dosePicture(context, beforeSettings) : null,
      target: dosePicture(context, settings),
    },
  };
}

/** The plan for the duty as it is typed; null while the duty is not complete. */
export function usePlan(view: JobView, duty: MeteringDuty | null, byHand: ByHand): PlanWork | null {
  return useMemo(() => (duty ? workOutPlan(view, duty, byHand) : null), [view, duty, byHand]);
}
