import { rowOf, understand, type SpaKind } from '@barythm/core/families/spa';
import type { Planned } from '../../../features/job/plan/use-planned';

/** The settings before and after in the field's terms, and the row it will stand at; null where there is none, or nothing was read. */
export function spaWork({ context, before, values }: Planned<SpaKind>) {
  const { profile, plate, table } = context;
  const settings = understand(profile, plate, values);
  return {
    settings,
    row: rowOf(table, settings.number),
    found: before && understand(profile, plate, before),
  };
}

/** What a duty leads to, with what the pictures need. */
export type SpaWork = Planned<SpaKind> & ReturnType<typeof spaWork>;
