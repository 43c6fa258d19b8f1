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
  /** as found, or as left last time; null where nothing was read */
  readonly found: CirculatorSettings | null;
  readonly lines: { readonly found: HeadLine | null; readonly target: HeadLine | null };
  readonly modes: readonly ModeOffered[];
}

/** The plan for the duty as it is typed; nothing while the duty is not complete or cannot be computed with. */
export function useCirculatorPlan(view: CirculatorView, duty: CirculatorDuty | null, byHand: ByHand) {
  const { work, fault } = usePlanned(circulatorFamily, view, duty, byHand);
  const full = useMemo((): CirculatorWork | null => {
    if (!work) return null;
    const { context, before, values } = work;
    const settings = understand(context.profile, context.plate, values);
    const pump = pumpOf(context.duty, settings.twin.way);
    const found = before ? understand(context.profile, context.plate, before) : null;
    return {
      ...work,
      pump,
      settings,
      found,
      lines: { found: found && lineOf(context, pump, found), target: lineOf(context, pump, settings) },
      modes: modesOffered(context, pump),
    };
  }, [work]);
  return { work: full, fault };
}
