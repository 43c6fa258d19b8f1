import {
  dosePicture,
  meteringFamily,
  type DosePicture,
  type MeteringDuty,
  type MeteringKind,
  type MeteringView,
} from '@barythm/core/families/metering';
import { useMemo } from 'react';
import { usePlanned, type ByHand, type Planned } from '../../../kit/plan';

/** What a duty leads to, with the dose that it comes to before and after. */
export interface PlanWork extends Planned<MeteringKind> {
  readonly dose: { readonly found: DosePicture | null; readonly target: DosePicture | null };
}

/** The plan for the duty as it is typed; null while the duty is not complete. */
export function usePlan(view: MeteringView, duty: MeteringDuty | null, byHand: ByHand) {
  const { work, fault } = usePlanned(meteringFamily, view, duty, byHand);
  const context = work?.context;
  const before = work?.found;
  const found = useMemo(() => (context && before ? dosePicture(context, before) : null), [context, before]);
  const full = useMemo((): PlanWork | null => {
    if (!work) return null;
    return { ...work, dose: { found, target: dosePicture(work.context, work.settings) } };
  }, [work, found]);
  return { work: full, fault };
}
