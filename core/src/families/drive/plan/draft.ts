import { parameterWithRole, shownIn, type Parameter, type RoleQuantities } from '../../../profile';
import { roundDownToStep, roundUpToStep } from '../../../units';
import { PlanDraft, type FinishedPlan, type MissingRole, type PlannedTarget } from '../../parts/plan-draft';
import type { DriveContext } from '../settings/context';
import { DRIVE_QUANTITIES, type DriveOptionRole, type DriveRole } from '../settings/roles';
import { understand, type DriveSettings } from '../settings/understand';
import type { DriveReason } from '../texts/reasons';

export type DriveTarget = PlannedTarget<DriveRole, DriveReason>;
/** What the plan could not give. */
export type DriveProblem =
  | MissingRole<DriveRole | DriveOptionRole>
  /** no frequency stops it for no demand and leaves every real draw alone */
  | { readonly kind: 'no-stop'; readonly above_hz: number; readonly below_hz: number }
  /** filling the main takes longer than the seal stands dry */
  | { readonly kind: 'fill-or-dry'; readonly fill_s: number; readonly dry_s: number };
export type DrivePlan = FinishedPlan<DriveTarget, DriveProblem, DriveSettings>;

/** A plan of a drive in the making. What its controller lacks is passed over: they differ from four switches to a menu. */
export class DriveDraft extends PlanDraft<
  DriveContext,
  DriveRole,
  DriveOptionRole,
  DriveReason,
  DriveProblem,
  DriveSettings
> {
  settings(): DriveSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, this.values());
  }

  protected parameter(role: DriveRole, index = 1): Parameter | undefined {
    return parameterWithRole(this.context.profile, role, index);
  }

  /** A figure in the program's own unit; `up` and `down` are the smallest step that is not less, the greatest that is not more. */
  set(
    role: DriveRole,
    value: number,
    reason: DriveReason,
    way: 'up' | 'near' | 'down' = 'near',
    index = 1,
  ): void {
    const parameter = this.parameter(role, index);
    if (!parameter) return;
    const q = (DRIVE_QUANTITIES as RoleQuantities)[role] ?? 'plain';
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
  pick(role: DriveRole, option: DriveOptionRole, reason: DriveReason): void {
    if (this.has(role)) this.choose(role, option, reason);
  }
}
