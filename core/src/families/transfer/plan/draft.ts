import { parameterWithRole, shownIn, type Parameter, type RoleQuantities } from '../../../profile';
import { roundDownToStep, roundUpToStep } from '../../../units';
import { PlanDraft, type FinishedPlan, type MissingRole, type PlannedTarget } from '../../parts/plan-draft';
import type { TransferContext } from '../settings/context';
import { TRANSFER_QUANTITIES, type TransferOptionRole, type TransferRole } from '../settings/roles';
import { understand, type TransferSettings } from '../settings/understand';
import type { TransferReason } from '../texts/reasons';

export type TransferTarget = PlannedTarget<TransferRole, TransferReason>;
/** What the plan could not give. */
export type TransferProblem =
  | MissingRole<TransferRole | TransferOptionRole>
  /** what ends its speed lies under what moves anything */
  | { readonly kind: 'no-speed'; readonly least_rpm: number; readonly most_rpm: number };
export type TransferPlan = FinishedPlan<TransferTarget, TransferProblem, TransferSettings>;

/** A plan of such a pump in the making. What its controller lacks is passed over. */
export class TransferDraft extends PlanDraft<
  TransferContext,
  TransferRole,
  TransferOptionRole,
  TransferReason,
  TransferProblem,
  TransferSettings
> {
  settings(): TransferSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, this.values());
  }

  protected parameter(role: TransferRole, index = 1): Parameter | undefined {
    return parameterWithRole(this.context.profile, role, index);
  }

  /** A figure in the program's own unit; `up` and `down` are the smallest step that is not less, the greatest that is not more. */
  set(role: TransferRole, value: number, reason: TransferReason, way: 'up' | 'near' | 'down' = 'near'): void {
    const parameter = this.parameter(role);
    if (!parameter) return;
    const q = (TRANSFER_QUANTITIES as RoleQuantities)[role] ?? 'plain';
    const shown = shownIn(parameter, q, value) ?? value;
    const least = typeof parameter.least === 'number' ? parameter.least : 0;
    const step = parameter.step ?? 0;
    const stepped =
      step === 0 || way === 'near'
        ? shown
        : (way === 'up' ? roundUpToStep(shown - least, step) : roundDownToStep(shown - least, step)) + least;
    this.add(parameter, role, this.taken(parameter, stepped), reason);
  }

  /** A choice where the controller has it. */
  pick(role: TransferRole, option: TransferOptionRole, reason: TransferReason): void {
    if (this.has(role)) this.choose(role, option, reason);
  }
}
