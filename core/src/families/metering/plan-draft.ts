import { pumpFlow_lph } from '../../dosing';
import {
  addressOf,
  inOrderOfWork,
  limitFor,
  optionWithRole,
  parameterWithRole,
  type Parameter,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { roundToStep } from '../../units';
import type { MeteringContext } from './context';
import { rateToSetting } from './rates';
import type { Reason } from './reasons';
import { RATE_ROLES, type MeteringOptionRole, type MeteringRole } from './roles';
import { understand, type MeteringSettings } from './settings';

export interface Target {
  readonly address: string;
  readonly key: string;
  readonly role: MeteringRole;
  readonly value: SettingValue;
  readonly reason: Reason;
}

export type PlanProblem =
  | { readonly kind: 'missing-role'; readonly role: MeteringRole | MeteringOptionRole }
  | { readonly kind: 'too-small'; readonly needed_lph: number; readonly capacity_lph: number }
  /** only a shorter transmitter span brings the full rate within the plain range's reach */
  | { readonly kind: 'change-span'; readonly span_m3h: number }
  /** no factor fits between knob and ceiling */
  | { readonly kind: 'no-ratio'; readonly perPulse_mL: number; readonly pulses_ppm: number }
  /** even the shortest recognition time is too long */
  | { readonly kind: 'meter-too-fast'; readonly limit_ms: number; readonly shortest_ms: number }
  /** the mode that the duty wants is none of this controller's */
  | { readonly kind: 'no-mode'; readonly mode: string };

export interface MeteringPlan {
  readonly targets: readonly Target[];
  readonly problems: readonly PlanProblem[];
  /** targets over what is in force: what the controller will hold */
  readonly values: SettingValues;
  readonly settings: MeteringSettings;
}

/** Collects targets; knows what the profile has and rounds to what it takes. */
export class Draft {
  readonly targets: Target[] = [];
  readonly problems: PlanProblem[] = [];

  constructor(readonly context: MeteringContext) {}

  values(): SettingValues {
    const planned = Object.fromEntries(this.targets.map((target) => [target.key, target.value]));
    return { ...this.context.inForce, ...planned };
  }

  settings(): MeteringSettings {
    return understand(this.context.profile, this.context.plate, this.values());
  }

  /** A figure, rounded to the parameter's step and kept within its limits. */
  set(role: MeteringRole, value: number, reason: Reason): void {
    const parameter = this.parameter(role);
    if (parameter)
      this.add(parameter, role, this.taken(parameter, this.shown(role, parameter, value)), reason);
  }

  /** A figure as this controller shows it: rates in L/h on a drive that is set in flow. */
  private shown(role: MeteringRole, parameter: Parameter, value: number): number {
    if (!RATE_ROLES.includes(role)) return value;
    return rateToSetting(this.context.profile, parameter, value, this.values());
  }

  /** An option by its own value, where options are figures. */
  pick(role: MeteringRole, value: string, reason: Reason): void {
    const parameter = this.parameter(role);
    if (parameter) this.add(parameter, role, value, reason);
  }

  /** A factor, as this controller shows it: in per cent or as a bare number. */
  factor(factor: number, reason: Reason): void {
    const parameter = this.parameter('calibration.factor');
    if (!parameter) return;
    const shown = parameter.unit === '%' ? factor * 100 : factor;
    this.add(parameter, 'calibration.factor', this.taken(parameter, shown), reason);
  }

  /** What the whole pump cannot give, in its fastest rate at full stroke. */
  tooSmall(needed_lph: number, greatest_spm: number): void {
    this.problems.push({
      kind: 'too-small',
      needed_lph,
      capacity_lph: pumpFlow_lph(this.context.duty.strokeVolume.full_mL, greatest_spm),
    });
  }

  /** An option by its role. */
  choose(role: MeteringRole, option: MeteringOptionRole, reason: Reason): void {
    const parameter = this.parameter(role);
    if (!parameter) return;
    const value = optionWithRole(parameter, option);
    if (value === undefined) this.problems.push({ kind: 'missing-role', role: option });
    else this.add(parameter, role, value, reason);
  }

  has(role: MeteringRole): boolean {
    return parameterWithRole(this.context.profile, role) !== undefined;
  }

  stepOf(role: MeteringRole): number {
    return parameterWithRole(this.context.profile, role)?.step ?? 1;
  }

  taken(parameter: Parameter, value: number): number {
    const values = this.values();
    const least = limitFor(parameter.least, values);
    const greatest = limitFor(parameter.greatest, values);
    const rounded = parameter.step ? roundToStep(value, parameter.step, least ?? 0) : value;
    return Math.min(greatest ?? Infinity, Math.max(least ?? -Infinity, rounded));
  }

  private parameter(role: MeteringRole): Parameter | undefined {
    const parameter = parameterWithRole(this.context.profile, role);
    if (!parameter) this.problems.push({ kind: 'missing-role', role });
    return parameter;
  }

  private add(parameter: Parameter, role: MeteringRole, value: SettingValue, reason: Reason): void {
    this.targets.push({ address: addressOf(parameter), key: parameter.key, role, value, reason });
  }

  finish(): MeteringPlan {
    const order = inOrderOfWork(this.context.profile).map((parameter) => parameter.key);
    const targets = [...this.targets].sort((a, b) => order.indexOf(a.key) - order.indexOf(b.key));
    return { targets, problems: this.problems, values: this.values(), settings: this.settings() };
  }
}
