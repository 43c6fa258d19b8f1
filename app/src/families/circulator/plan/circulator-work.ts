import { lineOf, modesOffered, pumpOf, type CirculatorKind } from '@barythm/core/families/circulator';
import type { Planned } from '../../../kit/plan';

/** The lines that the settings hold before and after, and what each mode takes. */
export function circulatorWork({ context, settings, found }: Planned<CirculatorKind>) {
  const pump = pumpOf(context.duty, settings.twin.way);
  return {
    pump,
    lines: { found: found && lineOf(context, pump, found), target: lineOf(context, pump, settings) },
    modes: modesOffered(context, pump),
  };
}

/** What a duty leads to, with what the pictures need. */
export type CirculatorWork = Planned<CirculatorKind> & ReturnType<typeof circulatorWork>;
