import {
  pumpOf,
  transferFamily,
  understand,
  type PumpOut,
  type TransferDuty,
  type TransferKind,
  type TransferSettings,
  type TransferView,
} from '@barythm/core/families/transfer';
import { useMemo } from 'react';
import { usePlanned, type ByHand, type Planned } from '../../../features/job/plan/use-planned';

/** What a duty leads to, with the settings before and after in the field's terms. */
export interface TransferWork extends Planned<TransferKind> {
  readonly pump: PumpOut;
  readonly settings: TransferSettings;
  /** as found, or as left last time; null where nothing was read */
  readonly found: TransferSettings | null;
}

/** The plan for the duty as it is typed; nothing while the duty is not complete or cannot be computed with. */
export function useTransferPlan(view: TransferView, duty: TransferDuty | null, byHand: ByHand) {
  const { work, fault } = usePlanned(transferFamily, view, duty, byHand);
  const full = useMemo((): TransferWork | null => {
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
