import type { SettingValues } from '../../../profile';
import type { SharedProblem } from '../../parts/shared-problem';
import type { FinishedPlan, MissingRole, PlannedTarget } from '../../parts/plan-draft';
import { SteppedDraft } from '../../parts/stepped-draft';
import type { CirculatorContext } from '../settings/context';
import { CIRCULATOR_QUANTITIES, type CirculatorOptionRole, type CirculatorRole } from '../settings/roles';
import { understand, type CirculatorSettings } from '../settings/understand';
import type { CirculatorReason } from '../texts/reasons';

export type CirculatorTarget = PlannedTarget<CirculatorRole, CirculatorReason>;
/** What the plan could not give. */
export type CirculatorProblem =
  | MissingRole<CirculatorRole | CirculatorOptionRole>
  | SharedProblem
  /** every address that its protocol has is taken */
  | { readonly kind: 'no-address'; readonly least: number; readonly greatest: number };
export type CirculatorPlan = FinishedPlan<CirculatorTarget, CirculatorProblem, CirculatorSettings>;

/** A plan of a circulator in the making. What its controller lacks is passed over: they differ from a dial to a menu. */
export class CirculatorDraft extends SteppedDraft<
  CirculatorContext,
  CirculatorRole,
  CirculatorOptionRole,
  CirculatorReason,
  CirculatorProblem,
  CirculatorSettings
> {
  protected readonly quantities = CIRCULATOR_QUANTITIES;

  protected understood(values: SettingValues): CirculatorSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, values);
  }
}
