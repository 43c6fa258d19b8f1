import {
  circulatorFamily,
  lineOf,
  modesOffered,
  pumpOf,
  understand,
  type CirculatorDuty,
  type CirculatorKind,
  type CirculatorSettings,
  type CirculatorView,
  type ModeOffered,
  type PumpInSystem,
} from '@barythm/core/families/circulator';
import type { HeadLine } from '@barythm/core/hydraulics';
import { useMemo } from 'react';
import { usePlanned, type ByHand, type Planned } from '../../../features/job/plan/use-planned';

/** What a duty leads to, with the lines that the settings hold before and after. */
export interface CirculatorWork extends Planned<CirculatorKind> {
  readonly pump: PumpInSystem;
  readonly settings: CirculatorSettings;
  readonly lines: { readonly found: HeadLine | null; readonly target: HeadLine | null };
  readonly modes: readonly ModeOffered[];
}

/** The plan for the duty as it is typed; nothing while the duty is not complete or cannot be computed with. */
export function useCirculatorPlan(view: CirculatorView, duty: CirculatorDuty | null, byHand: ByHand) {
  const { work, fault } = usePlanned(circulatorFamily, view, duty, byHand);
  const full = useMemo((): CirculatorWork | null => {
    if (!work) return null;
    const { context, before, values } = work;
    const pump = pumpOf(context.duty);
    const settings = understand(context.profile, context.plate, values);
    const found = before ? lineOf(context, pump, understand(context.profile, context.plate, before)) : null;
    return {
      ...work,
      pump,
      settings,
      lines: { found, target: lineOf(context, pump, settings) },
      modes: modesOffered(context, pump),
    };
  }, [work]);
  return { work: full, fault };
}
