import type { SettingValues } from '../../../profile';
import type { Way } from '../../parts/clamped';
import { unreadOf, type SharedProblem } from '../../parts/shared-problem';
import {
  isForEachShare,
  isTaughtShare,
  perShare_mm,
  shareOfTaught_pct,
  taughtIn,
} from '../settings/taught-level';
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

  /** A level that is shown as a share of what was taught goes on its steps as one; what nobody knows cannot be told in shares of it. */
  override set(
    role: TransferRole,
    value: number,
    reason: TransferReason,
    way: Way = 'near',
    index = 1,
  ): void {
    const parameter = this.parameter(role, index);
    const gains = role === 'gain' && isForEachShare(parameter);
    if (!parameter || !(gains || isTaughtShare(parameter, role)))
      return super.set(role, value, reason, way, index);
    const taught = taughtIn(this.context.profile, this.values());
    if (taught !== null && gains) this.place(parameter, role, value * perShare_mm(taught), reason, way);
    else if (taught === null)
      this.problems.push(unreadOf(parameter, 'what its float was taught as 0 and 100 %'));
    else this.place(parameter, role, shareOfTaught_pct(taught, value), reason, way);
  }

  protected understood(values: SettingValues): TransferSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, values);
  }
}
