import {
  dosePicture,
  meteringFamily,
  understand,
  type DosePicture,
  type MeteringDuty,
  type MeteringKind,
  type MeteringSettings,
  type MeteringView,
} from '@barythm/core/families/metering';
import { useMemo } from 'react';
import { usePlanned, type ByHand, type Planned } from '../../../features/job/plan/use-planned';

/** What a duty leads to, with the dose that it comes to before and after. */
export interface PlanWork extends Planned<MeteringKind> {
  readonly settings: MeteringSettings;
  /** what is believed to be in the controller, for the line beside the target */
  readonly settingsBefore: MeteringSettings | null;
  readonly dose: { readonly found: DosePicture | null; readonly target: DosePicture | null };
}

/** The plan for the duty as it is typed; null while the duty is not complete. */
export function usePlan(view: MeteringView, duty: MeteringDuty | null, byHand: ByHand) {
  const { work, fault } = usePlanned(meteringFamily, view, duty, byHand);
  const context = work?.context;
  const before = work?.before;
  const settingsBefore = useMemo(
    () => (context && before ? understand(context.profile, context.plate, before) : null),
    [context, before],
  );
  const found = useMemo(
    () => (context && settingsBefore ? dosePicture(context, settingsBefore) : null),
    [context, settingsBefore],
  );
  const full = useMemo((): PlanWork | null => {
    if (!work) return null;
    const settings = understand(work.context.profile, work.context.plate, work.values);
    return {
      ...work,
      settings,
      settingsBefore,
      dose: { found, target: dosePicture(work.context, settings) },
    };
  }, [work, settingsBefore, found]);
  return { work: full, fault };
}
