import { parameterWithRole, shownIn, type Parameter, type RoleQuantities } from '../../../profile';
import { roundDownToStep, roundUpToStep } from '../../../units';
import { PlanDraft, type FinishedPlan, type MissingRole, type PlannedTarget } from '../../parts/plan-draft';
import type { SpaContext } from '../settings/context';
import { SPA_QUANTITIES, type SpaOptionRole, type SpaRole } from '../settings/roles';
import { understand, type SpaSettings } from '../settings/understand';
import type { SpaReason } from '../texts/reasons';
import type { Output } from '../wire/behaviours';
import type { TableRow } from '../wire/table';

export type SpaTarget = PlannedTarget<SpaRole, SpaReason>;
/** What the plan could not give. */
export type SpaProblem =
  | MissingRole<SpaRole | SpaOptionRole>
  /** no row fits what is connected; `blocks` names what no row serves */
  | { readonly kind: 'no-row'; readonly blocks: readonly Output[]; readonly near: TableRow | null }
  /** every row that fits takes more than the supply carries */
  | { readonly kind: 'overload'; readonly least_A: number }
  /** something is connected that no key can be given to */
  | { readonly kind: 'no-key'; readonly outputs: readonly Output[] };
export type SpaPlan = FinishedPlan<SpaTarget, SpaProblem, SpaSettings>;

/** A plan of a pack in the making. What its panel lacks is passed over: they differ from four keys to a menu. */
export class SpaDraft extends PlanDraft<
  SpaContext,
  SpaRole,
  SpaOptionRole,
  SpaReason,
  SpaProblem,
  SpaSettings
> {
  settings(): SpaSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, this.values());
  }

  protected parameter(role: SpaRole, index = 1): Parameter | undefined {
    return parameterWithRole(this.context.profile, role, index);
  }

  /** The parameter of a role, for what asks for its limits. */
  of(role: SpaRole, index = 1): Parameter | undefined {
    return this.parameter(role, index);
  }

  /** A figure in the program's own unit; `up` and `down` are the smallest step that is not less, the greatest that is not more. */
  set(
    role: SpaRole,
    value: number,
    reason: SpaReason,
    way: 'up' | 'near' | 'down' = 'near',
    index = 1,
  ): void {
    const parameter = this.parameter(role, index);
    if (!parameter) return;
    const q = (SPA_QUANTITIES as RoleQuantities)[role] ?? 'plain';
    const shown = shownIn(parameter, q, value) ?? value;
    const least = typeof parameter.least === 'number' && parameter.type !== 'time' ? parameter.least : 0;
    const step = parameter.step ?? 0;
    const stepped =
      step === 0 || way === 'near'
        ? shown
        : (way === 'up' ? roundUpToStep(shown - least, step) : roundDownToStep(shown - least, step)) + least;
    this.add(parameter, role, this.taken(parameter, stepped), reason);
  }

  /** A choice where the panel has it. */
  pick(role: SpaRole, option: SpaOptionRole, reason: SpaReason, index = 1): void {
    if (this.of(role, index)) this.choose(role, option, reason, index);
  }

  /** What it holds now is to be entered again. */
  again(parameter: Parameter, reason: SpaReason): void {
    const value = this.context.inForce[parameter.key];
    if (value === undefined || this.targets.some(({ key }) => key === parameter.key)) return;
    // what has no meaning of its own is entered again all the same, under its key
    this.add(parameter, (parameter.role ?? parameter.key) as SpaRole, value, reason);
  }
}
