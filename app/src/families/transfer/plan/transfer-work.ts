import { pumpOf, understand, type TransferKind } from '@barythm/core/families/transfer';
import type { Planned } from '../../../features/job/plan/use-planned';

/** The settings before and after in the field's terms; `found` is null where nothing was read. */
export function transferWork({ context, before, values }: Planned<TransferKind>) {
  const { profile, plate, duty } = context;
  return {
    pump: pumpOf(duty),
    settings: understand(profile, plate, values),
    found: before && understand(profile, plate, before),
  };
}

/** What a duty leads to, with what the pictures need. */
export type TransferWork = Planned<TransferKind> & ReturnType<typeof transferWork>;
