import {
  driveFamily,
  pumpOf,
  understand,
  type DriveDuty,
  type DriveKind,
  type DrivenPump,
  type DriveSettings,
  type DriveView,
} from '@barythm/core/families/drive';
import { useMemo } from 'react';
import { usePlanned, type ByHand, type Planned } from '../../../features/job/plan/use-planned';

/** What a duty leads to, with the settings before and after in the field's terms. */
export interface DriveWork extends Planned<DriveKind> {
  readonly pump: DrivenPump;
  readonly settings: DriveSettings;
  /** as found, or as left last time; null where nothing was read */
  readonly found: DriveSettings | null;
}

/** The plan for the duty as it is typed; nothing while the duty is not complete or cannot be computed with. */
export function useDrivePlan(view: DriveView, duty: DriveDuty | null, byHand: ByHand) {
  const { work, fault } = usePlanned(driveFamily, view, duty, byHand);
  const full = useMemo((): DriveWork | null => {
    if (!work) return null;
    const { context, before, values } = work;
    return {
      ...work,
      pump: pumpOf(context.duty),
      settings: understand(context.profile, context.plate, values),
      found: before && understand(context.profile, context.plate, before),
    };
  }, [work]);
  return { work: full, fault };
}
