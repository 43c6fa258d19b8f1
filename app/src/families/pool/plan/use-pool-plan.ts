import {
  asFound,
  heldBy,
  poolFamily,
  pumpOf,
  trueWeek,
  understand,
  wantedPrograms,
  weekKnown,
  weekSums,
  type HeldBy,
  type PoolContext,
  type PoolDuty,
  type PoolKind,
  type PoolSettings,
  type PoolView,
  type PumpOnSystem,
  type RunStretch,
  type WantedProgram,
  type WeekSums,
} from '@barythm/core/families/pool';
import type { SettingValues } from '@barythm/core/profile';
import { useMemo } from 'react';
import { usePlanned, type Planned } from '../../../kit/plan';

/** One column's week as it truly runs, with its sums; null while it is not known whole. */
export interface ColumnWeek {
  readonly settings: PoolSettings;
  readonly week: readonly RunStretch[];
  readonly sums: WeekSums;
  readonly held: HeldBy;
}

/** What a duty leads to, with the week that it comes to before and after. */
export interface PoolWork extends Planned<PoolKind> {
  readonly pump: PumpOnSystem;
  readonly programs: readonly WantedProgram[];
  readonly weeks: { readonly found: ColumnWeek | null; readonly target: ColumnWeek | null };
}

function columnWeek(context: PoolContext, values: SettingValues): ColumnWeek | null {
  const settings = understand(context.profile, context.plate, values);
  if (!weekKnown(settings) || Object.keys(values).length === 0) return null;
  const week = trueWeek(context, settings);
  return { settings, week, sums: weekSums(context, week), held: heldBy(context, settings) };
}

/** The plan for the duty as it is typed; nothing while the duty is not complete or cannot be computed with. */
export function usePoolPlan(view: PoolView, duty: PoolDuty | null) {
  const { work, fault } = usePlanned(poolFamily, view, duty);
  const full = useMemo((): PoolWork | null => {
    if (!work) return null;
    const { context, before, values } = work;
    return {
      ...work,
      pump: pumpOf(context.duty),
      programs: wantedPrograms(context),
      weeks: {
        found: before ? columnWeek(asFound(context), before) : null,
        // the plan sets the clock right
        target: columnWeek({ ...context, clockAhead_min: 0 }, values),
      },
    };
  }, [work]);
  return { work: full, fault };
}
