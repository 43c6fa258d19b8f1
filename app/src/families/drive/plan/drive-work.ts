import { pumpOf, understand, type DriveKind } from '@barythm/core/families/drive';
import type { Planned } from '../../../features/job/plan/use-planned';

/** The settings before and after in the field's terms; `found` is null where nothing was read. */
export function driveWork({ context, before, values }: Planned<DriveKind>) {
  const { profile, plate, duty } = context;
  return {
    pump: pumpOf(duty),
    settings: understand(profile, plate, values),
    found: before && understand(profile, plate, before),
  };
}

/** What a duty leads to, with what the pictures need. */
export type DriveWork = Planned<DriveKind> & ReturnType<typeof driveWork>;
