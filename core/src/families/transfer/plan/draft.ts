import type { SharedProblem } from '../../parts/shared-problem';
import type { FinishedPlan, MissingRole, PlannedTarget } from '../../parts/plan-draft';
import { SteppedDraft } from '../../parts/stepped-draft';
import type { TransferContext } from '../settings/context';
import { TRANSFER_QUANTITIES, type TransferOptionRole, type TransferRole } from '../settings/roles';
import { understand, type TransferSettings } from '../settings/understand';
import type { TransferReason } from '../texts/reasons';

export type TransferTarget = PlannedTarget<TransferRole, TransferReason>;
/** What the plan could not give. */
export type TransferProblem =
  | MissingRole<TransferRole | TransferOptionRole>
  | SharedProblem
  /** what ends its speed lies under what moves anything */
  | { readonly kind: 'no-speed'; readonly least_rpm: number; readonly most_rpm: number };
export type TransferPlan = FinishedPlan<TransferTarget, TransferProblem, TransferSettings>;

/** A plan of such a pump in the making. What its controller lacks is passed over. */
export class TransferDraft extends SteppedDraft<
  TransferContext,
  TransferRole,
  TransferOptionRole,
  TransferReason,
  TransferProblem,
  TransferSettings
> {
  protected readonly quantities = TRANSFER_QUANTITIES;

  settings(): TransferSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, this.values());
  }
}
