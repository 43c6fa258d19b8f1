import type { SettingValues } from '../../../profile';
import type { SharedProblem } from '../../parts/shared-problem';
import type { FinishedPlan, MissingRole, PlannedTarget } from '../../parts/plan-draft';
import { SteppedDraft } from '../../parts/stepped-draft';
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
  | SharedProblem
  /** no row fits what is connected; `blocks` names what no row serves */
  | { readonly kind: 'no-row'; readonly blocks: readonly Output[]; readonly near: TableRow | null }
  /** every row that fits takes more than the supply carries */
  | { readonly kind: 'overload'; readonly least_A: number }
  /** the rule that was chosen is none that a row offers and the supply carries */
  | { readonly kind: 'other-rule'; readonly asked: string; readonly taken: string }
  /** something is connected that no key can be given to */
  | { readonly kind: 'no-key'; readonly outputs: readonly Output[] };
export type SpaPlan = FinishedPlan<SpaTarget, SpaProblem, SpaSettings>;

/** A plan of a pack in the making. What its panel lacks is passed over: they differ from four keys to a menu. */
export class SpaDraft extends SteppedDraft<
  SpaContext,
  SpaRole,
  SpaOptionRole,
  SpaReason,
  SpaProblem,
  SpaSettings
> {
  protected readonly quantities = SPA_QUANTITIES;

  protected understood(values: SettingValues): SpaSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, values);
  }
}
