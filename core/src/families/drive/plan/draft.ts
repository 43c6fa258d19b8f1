import type { Holds } from '../wire/duty';
import type { SharedProblem } from '../../parts/shared-problem';
import type { FinishedPlan, MissingRole, PlannedTarget } from '../../parts/plan-draft';
import { parameterWithRole, placesOf, type SettingValues } from '../../../profile';
import type { Way } from '../../parts/clamped';
import { SteppedDraft } from '../../parts/stepped-draft';
import type { DriveContext } from '../settings/context';
import { DRIVE_QUANTITIES, type DriveOptionRole, type DriveRole } from '../settings/roles';
import { understand, type DriveSettings } from '../settings/understand';
import type { DriveReason } from '../texts/reasons';

export type DriveTarget = PlannedTarget<DriveRole, DriveReason>;
/** What the plan could not give. */
export type DriveProblem =
  | MissingRole<DriveRole | DriveOptionRole>
  | SharedProblem
  /** no frequency stops it for no demand and leaves every real draw alone */
  | { readonly kind: 'no-stop'; readonly above_hz: number; readonly below_hz: number }
  /** the inlet alone may give what is held: no frequency tells a shut valve then */
  | { readonly kind: 'inlet-holds'; readonly inlet_bar: number; readonly held_bar: number }
  /** what the duty holds is nothing that this controller can hold */
  | { readonly kind: 'cannot-hold'; readonly what: Holds }
  /** the signal asks for less than the pump may turn with */
  | { readonly kind: 'signal-slow'; readonly asked_hz: number; readonly least_hz: number }
  /** a stated speed lies past a limit of pump, plate or plant */
  | { readonly kind: 'speed-outside'; readonly asked_hz: number; readonly taken_hz: number }
  /** filling the main takes longer than the seal stands dry */
  | { readonly kind: 'fill-or-dry'; readonly fill_s: number; readonly dry_s: number };
export type DrivePlan = FinishedPlan<DriveTarget, DriveProblem, DriveSettings>;

/** A plan of a drive in the making. What its controller lacks is passed over: they differ from four switches to a menu. */
export class DriveDraft extends SteppedDraft<
  DriveContext,
  DriveRole,
  DriveOptionRole,
  DriveReason,
  DriveProblem,
  DriveSettings
> {
  protected readonly quantities = DRIVE_QUANTITIES;

  /** On the sheet of each fitted unit, where each has its own and none is named. */
  override set(role: DriveRole, value: number, reason: DriveReason, way: Way = 'near', index?: number): void {
    for (const unit of this.sheets(role, index)) super.set(role, value, reason, way, unit);
  }

  override pick(role: DriveRole, option: DriveOptionRole, reason: DriveReason, index?: number): void {
    for (const unit of this.sheets(role, index)) super.pick(role, option, reason, unit);
  }

  private sheets(role: DriveRole, index: number | undefined): readonly number[] {
    const { profile, duty } = this.context;
    const parameter = parameterWithRole(profile, role);
    if (index !== undefined || !parameter) return [index ?? 1];
    return Array.from(
      { length: Math.min(placesOf(profile, parameter.group), duty.pump.count) },
      (_, i) => i + 1,
    );
  }

  protected understood(values: SettingValues): DriveSettings {
    const { profile, plate } = this.context;
    return understand(profile, plate, values);
  }
}
