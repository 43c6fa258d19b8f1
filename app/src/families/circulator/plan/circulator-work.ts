import {
  lineOf,
  modesOffered,
  pumpOf,
  understand,
  type CirculatorKind,
} from '@barythm/core/families/circulator';
import type { Planned } from '../../../features/job/plan/use-planned';

/** The lines that the settings hold before and after, and what each mode takes; `found` is null where nothing was read. */
export function circulatorWork({ context, before, values }: Planned<CirculatorKind>) {
  const { profile, plate, duty } = context;
  const settings = understand(profile, plate, values);
  const pump = pumpOf(duty, settings.twin.way);
  const found = before && understand(profile, plate, before);
  return {
    pump,
    settings,
    found,
    lines: { found: found && lineOf(context, pump, found), target: lineOf(context, pump, settings) },
    modes: modesOffered(context, pump),
  };
}

/** What a duty leads to, with what the pictures need. */
export type CirculatorWork = Planned<CirculatorKind> & ReturnType<typeof circulatorWork>;
