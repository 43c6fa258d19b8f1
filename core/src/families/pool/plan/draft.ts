import type { Way } from '../../parts/clamped';
import type { SharedProblem } from '../../parts/shared-problem';
import {
  optionWithRole,
  parameterWithRole,
  readIn,
  shownIn,
  type Parameter,
  type RoleQuantities,
  type SettingValues,
} from '../../../profile';
import { PlanDraft, type FinishedPlan, type MissingRole, type PlannedTarget } from '../../parts/plan-draft';
import { fixedSpeeds_rpm, speedThere_rpm } from '../effect/fixed-speeds';
import type { PoolContext } from '../settings/context';
import type { PoolReason } from '../texts/reasons';
import { POOL_QUANTITIES, type PoolOptionRole, type PoolRole } from '../settings/roles';
import { settingsOf } from '../settings/pumping';
import { fullSpeed_rpm, type PoolSettings } from '../settings/understand';

export type PoolTarget = PlannedTarget<PoolRole, PoolReason>;

/** What the plan could not give. */
export type PoolProblem =
  | MissingRole<PoolRole | PoolOptionRole>
  | SharedProblem
  | { readonly kind: 'no-days'; readonly name: string; readonly days: string }
  | { readonly kind: 'too-many'; readonly wanted: number; readonly slots: number }
  | { readonly kind: 'cannot-empty'; readonly slot: number }
  | { readonly kind: 'two-speeds'; readonly circuit: string; readonly speeds: readonly number[] }
  | { readonly kind: 'timed-no-place'; readonly name: string }
  | { readonly kind: 'timed-reach'; readonly name: string }
  | { readonly kind: 'chlorinator-short'; readonly needed_g: number; readonly most_g: number };

export type PoolPlan = FinishedPlan<PoolTarget, PoolProblem, PoolSettings>;

/** A plan of a pool pump in the making. What the profile lacks is passed over: panels differ too much to call it a fault. */
export class PoolDraft extends PlanDraft<
  PoolContext,
  PoolRole,
  PoolOptionRole,
  PoolReason,
  PoolProblem,
  PoolSettings
> {
  protected understood(values: SettingValues): PoolSettings {
    return settingsOf(this.context, values);
  }

  protected parameter(role: PoolRole, index = 1): Parameter | undefined {
    return parameterWithRole(this.context.profile, role, index);
  }

  hasOption(role: PoolRole, option: PoolOptionRole, index = 1): boolean {
    const parameter = this.parameter(role, index);
    return parameter !== undefined && optionWithRole(parameter, option) !== undefined;
  }

  defaultOf(role: PoolRole): number | null {
    const parameter = this.parameter(role);
    const q = (POOL_QUANTITIES as RoleQuantities)[role] ?? 'plain';
    return parameter ? readIn(parameter, q, parameter.default) : null;
  }

  /** A figure, rounded to the parameter's step and kept within its limits. */
  set(role: PoolRole, value: number, reason: PoolReason, index = 1, way: Way = 'near'): void {
    const parameter = this.parameter(role, index);
    if (!parameter) return;
    const q = (POOL_QUANTITIES as RoleQuantities)[role];
    const shown = q ? (shownIn(parameter, q, value) ?? value) : value;
    this.place(parameter, role, shown, reason, way);
  }

  /** A speed in rev/min, as this controller shows it, rounded up so that no least flow is lost; a limit is rounded down. */
  speed(role: PoolRole, speed_rpm: number, reason: PoolReason, index = 1, way: Way = 'up'): void {
    const parameter = this.parameter(role, index);
    if (!parameter) return;
    const full = fullSpeed_rpm(this.context.profile, this.context.plate);
    const fixed =
      role === 'speed.greatest' || role === 'speed.least' ? null : fixedSpeeds_rpm(this.context.duty);
    const there_rpm = fixed ? speedThere_rpm(fixed, speed_rpm) : speed_rpm;
    const shown =
      parameter.unit === '%'
        ? (there_rpm / full) * 100
        : (shownIn(parameter, 'speed', there_rpm) ?? there_rpm);
    // nobody sets a part of a revolution
    this.place({ step: 1, ...parameter }, role, shown, reason, way);
  }
}
