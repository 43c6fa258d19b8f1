import type { Clamped } from '../../parts/clamped';
import { parameterWithRole, shownIn, type Parameter, type RoleQuantities } from '../../../profile';
import { roundUpToStep } from '../../../units';
import { PlanDraft, type FinishedPlan, type MissingRole, type PlannedTarget } from '../../parts/plan-draft';
import type { CirculatorContext } from '../settings/context';
import { CIRCULATOR_QUANTITIES, type CirculatorOptionRole, type CirculatorRole } from '../settings/roles';
import { understand, type CirculatorSettings } from '../settings/understand';
import type { CirculatorReason } from '../texts/reasons';

export type CirculatorTarget = PlannedTarget<CirculatorRole, CirculatorReason>;
/** What the plan could not give. */
export type CirculatorProblem =
  | MissingRole<CirculatorRole | CirculatorOptionRole>
  | Clamped
  /** every address that its protocol has is taken */
  | { readonly kind: 'no-address'; readonly least: number; readonly greatest: number };
export type CirculatorPlan = FinishedPlan<CirculatorTarget, CirculatorProblem, CirculatorSettings>;

/** A plan of a circulator in the making. What its controller lacks is passed over: they differ from a dial to a menu. */
export class CirculatorDraft extends PlanDraft<
  CirculatorContext,
  CirculatorRole,
  CirculatorOptionRole,
  CirculatorReason,
  CirculatorProblem,
  CirculatorSettings
> {
  settings(): CirculatorSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, this.values());
  }

  protected parameter(role: CirculatorRole, index = 1): Parameter | undefined {
    return parameterWithRole(this.context.profile, role, index);
  }

  /** A figure in the program's own unit; `up` is the smallest step that is not less. */
  set(role: CirculatorRole, value: number, reason: CirculatorReason, way: 'up' | 'near' = 'near'): void {
    const parameter = this.parameter(role);
    if (!parameter) return;
    const q = (CIRCULATOR_QUANTITIES as RoleQuantities)[role] ?? 'plain';
    const shown = shownIn(parameter, q, value) ?? value;
    const least = typeof parameter.least === 'number' ? parameter.least : 0;
    const stepped =
      way === 'up' && parameter.step ? roundUpToStep(shown - least, parameter.step) + least : shown;
    this.place(parameter, role, stepped, reason);
  }
}
