import { bySeverity, type Finding } from '@barythm/core/findings';
import {
  checkPlan,
  checkSettings,
  heldBy,
  planPool,
  POOL_REASONS,
  poolFamily,
  type PoolView,
  pumpOf,
  trueWeek,
  understand,
  wantedPrograms,
  weekKnown,
  weekSums,
  type HeldBy,
  type PoolContext,
  type PoolDuty,
  type PoolPlan,
  type PoolSettings,
  type PumpOnSystem,
  type RunStretch,
  type WantedProgram,
  type WeekSums,
} from '@barythm/core/families/pool';
import { InputError } from '@barythm/core/input';
import { plannedTargets, type PlannedTarget } from '@barythm/core/job';
import type { SettingValues } from '@barythm/core/profile';
import { useMemo } from 'react';
import { groundOf } from '@barythm/core/families';

/** One column's week as it truly runs, with its sums; null while it is not known whole. */
export interface ColumnWeek {
  readonly settings: PoolSettings;
  readonly week: readonly RunStretch[];
  readonly sums: WeekSums;
  readonly held: HeldBy;
}

export interface PoolWork {
  readonly context: PoolContext;
  readonly pump: PumpOnSystem;
  readonly plan: PoolPlan;
  readonly programs: readonly WantedProgram[];
  readonly targets: readonly PlannedTarget[];
  /** what is believed to be in the controller */
  readonly before: SettingValues | null;
  readonly found: ColumnWeek | null;
  readonly target: ColumnWeek | null;
  readonly findings: { readonly found: readonly Finding[]; readonly target: readonly Finding[] };
}

/** Either the work, or what in the duty cannot be computed with, by its field. */
export type PoolPlanned =
  | { readonly work: PoolWork; readonly fault: null }
  | { readonly work: null; readonly fault: InputError | null };

function columnWeek(context: PoolContext, values: SettingValues): ColumnWeek | null {
  const settings = understand(context.profile, context.plate, values);
  if (!weekKnown(settings) || Object.keys(values).length === 0) return null;
  const week = trueWeek(context, settings);
  return { settings, week, sums: weekSums(context, week), held: heldBy(context, settings) };
}

function planned(view: PoolView, duty: PoolDuty): PoolWork {
  const { document } = view;
  const values: SettingValues = { ...document.lastLeft?.values, ...view.values.found };
  const context = poolFamily.context(groundOf(view, duty, { ...values, ...view.values.force }));
  const plan = planPool(context);
  const known = Object.keys(values).length > 0;
  const right = { ...context, clockAhead_min: 0 };
  return {
    context,
    pump: pumpOf(duty),
    plan,
    programs: wantedPrograms(context),
    targets: plannedTargets(context.profile, plan, POOL_REASONS, {}),
    before: known ? values : null,
    found: known ? columnWeek(context, values) : null,
    target: columnWeek(right, plan.values),
    findings: {
      found: known ? checkSettings(context, 'found', values) : [],
      target: bySeverity(checkPlan(context, plan)),
    },
  };
}

/** The plan for the duty as it is typed; null while the duty is not complete or cannot be computed with. */
export function usePoolPlan(view: PoolView, duty: PoolDuty | null): PoolPlanned {
  return useMemo(() => {
    if (!duty) return { work: null, fault: null };
    try {
      return { work: planned(view, duty), fault: null };
    } catch (error) {
      if (error instanceof InputError) return { work: null, fault: error };
      throw error;
    }
  }, [view, duty]);
}
