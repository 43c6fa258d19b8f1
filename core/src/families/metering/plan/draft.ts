import type { SharedProblem } from '../../parts/shared-problem';
import { pumpFlow_lph } from '../../../dosing';
import {
  parameterWithRole,
  shownIn,
  type Parameter,
  type RoleQuantities,
  type SettingValues,
} from '../../../profile';
import { PlanDraft, type FinishedPlan, type MissingRole, type PlannedTarget } from '../../parts/plan-draft';
import type { MeteringContext } from '../settings/context';
import { rateToSetting } from '../settings/rates';
import type { Reason } from '../texts/reasons';
import {
  METERING_QUANTITIES,
  RATE_ROLES,
  type MeteringMode,
  type MeteringOptionRole,
  type MeteringRole,
} from '../settings/roles';
import { understand, type MeteringSettings } from '../settings/understand';
import type { DemandLine } from '../wire/signal-source';

export type Target = PlannedTarget<MeteringRole, Reason>;

export type PlanProblem =
  | MissingRole<MeteringRole | MeteringOptionRole>
  | SharedProblem
  | { readonly kind: 'too-small'; readonly needed_lph: number; readonly capacity_lph: number }
  /** only a shorter transmitter span brings the full rate within the plain range's reach */
  | { readonly kind: 'change-span'; readonly span_m3h: number }
  /** the site states a line with feed at its low end, or between other currents, and this controller has a plain range */
  | ({ readonly kind: 'plain-line' } & DemandLine)
  /** no factor fits between knob and ceiling */
  | { readonly kind: 'no-ratio'; readonly perPulse_mL: number; readonly pulses_ppm: number }
  /** even the shortest recognition time is too long */
  | { readonly kind: 'meter-too-fast'; readonly limit_ms: number; readonly shortest_ms: number }
  /** the mode that the duty wants is none of this controller's */
  | { readonly kind: 'no-mode'; readonly mode: MeteringMode };

export type MeteringPlan = FinishedPlan<Target, PlanProblem, MeteringSettings>;

/** A plan of a metering pump in the making. What the duty asks for and the profile lacks is a problem. */
export class Draft extends PlanDraft<
  MeteringContext,
  MeteringRole,
  MeteringOptionRole,
  Reason,
  PlanProblem,
  MeteringSettings
> {
  protected understood(values: SettingValues): MeteringSettings {
    return understand(this.context.profile, this.context.plate, values);
  }

  protected parameter(role: MeteringRole): Parameter | undefined {
    const parameter = parameterWithRole(this.context.profile, role);
    if (!parameter) this.problems.push({ kind: 'missing-role', role });
    return parameter;
  }

  /** A figure, rounded to the parameter's step and kept within its limits. */
  set(role: MeteringRole, value: number, reason: Reason): void {
    const parameter = this.parameter(role);
    if (parameter) this.place(parameter, role, this.shown(role, parameter, value), reason);
  }

  /** A figure as this controller shows it: rates in L/h on a drive that is set in flow. */
  private shown(role: MeteringRole, parameter: Parameter, value: number): number {
    if (!RATE_ROLES.includes(role)) {
      const q = (METERING_QUANTITIES as RoleQuantities)[role];
      return q ? (shownIn(parameter, q, value) ?? value) : value;
    }
    return rateToSetting(this.context.profile, parameter, value, this.values());
  }

  /** A factor, as this controller shows it: in per cent or as a bare number. */
  factor(factor: number, reason: Reason): void {
    const parameter = this.parameter('calibration.factor');
    if (!parameter) return;
    const shown = parameter.unit === '%' ? factor * 100 : factor;
    this.place(parameter, 'calibration.factor', shown, reason);
  }

  /** What the whole pump cannot give, in its fastest rate at full stroke. */
  tooSmall(needed_lph: number, greatest_spm: number): void {
    this.problems.push({
      kind: 'too-small',
      needed_lph,
      capacity_lph: pumpFlow_lph(this.context.duty.strokeVolume.full_mL, greatest_spm),
    });
  }

  stepOf(role: MeteringRole): number {
    return parameterWithRole(this.context.profile, role)?.step ?? 1;
  }
}
