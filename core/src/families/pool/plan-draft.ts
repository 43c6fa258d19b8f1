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
import { roundToStep, roundUpToStep } from '../../units';
import type { PoolContext } from './context';
import type { PoolReason } from './reasons';
import type { PoolOptionRole, PoolRole } from './roles';
import { fullSpeed_rpm, understand, type PoolSettings } from './settings';

export interface PoolTarget {
  readonly address: string;
  readonly key: string;
  readonly role: PoolRole;
  readonly value: SettingValue;
  readonly reason: PoolReason;
}

/** What the plan could not give. */
export type PoolProblem =
  | { readonly kind: 'missing-role'; readonly role: string }
  | { readonly kind: 'no-days'; readonly name: string; readonly days: string }
  | { readonly kind: 'too-many'; readonly wanted: number; readonly slots: number }
  | { readonly kind: 'cannot-empty'; readonly slot: number }
  | { readonly kind: 'two-speeds'; readonly circuit: string; readonly speeds: readonly number[] }
  | { readonly kind: 'chlorinator-short'; readonly needed_g: number; readonly most_g: number };

export interface PoolPlan {
  readonly targets: readonly PoolTarget[];
  readonly problems: readonly PoolProblem[];
  /** targets over what is in force: what the controller will hold */
  readonly values: SettingValues;
  readonly settings: PoolSettings;
}

/** Collects targets; knows what the profile has and rounds to what it takes. */
export class PoolDraft {
  readonly targets: PoolTarget[] = [];
  readonly problems: PoolProblem[] = [];

  constructor(readonly context: PoolContext) {}

  values(): SettingValues {
    const planned = Object.fromEntries(this.targets.map((target) => [target.key, target.value]));
    return { ...this.context.inForce, ...planned };
  }

  settings(): PoolSettings {
    return understand(this.context.profile, this.context.plate, this.values());
  }

  has(role: PoolRole): boolean {
    return parameterWithRole(this.context.profile, role) !== undefined;
  }

  hasOption(role: PoolRole, option: PoolOptionRole, index = 1): boolean {
    const parameter = parameterWithRole(this.context.profile, role, index);
    return parameter !== undefined && optionWithRole(parameter, option) !== undefined;
  }

  defaultOf(role: PoolRole): number | null {
    const value = parameterWithRole(this.context.profile, role)?.default;
    return typeof value === 'number' ? value : null;
  }

  /** A figure, rounded to the parameter's step and kept within its limits. What the profile lacks is passed over. */
  set(role: PoolRole, value: number, reason: PoolReason, index = 1): void {
    const parameter = parameterWithRole(this.context.profile, role, index);
    if (parameter) this.add(parameter, role, this.taken(parameter, value), reason);
  }

  /** A speed in rev/min, as this controller shows it, rounded up so that no least flow is lost; a limit is rounded down. */
  speed(role: PoolRole, speed_rpm: number, reason: PoolReason, index = 1, way: 'up' | 'down' = 'up'): void {
    const parameter = parameterWithRole(this.context.profile, role, index);
    if (!parameter) return;
    const full = fullSpeed_rpm(this.context.profile, this.context.plate);
    const shown = parameter.unit === '%' ? (speed_rpm / full) * 100 : speed_rpm;
    const step = parameter.step ?? 1;
    const stepped = way === 'up' ? roundUpToStep(shown, step) : -roundUpToStep(-shown, step);
    this.add(parameter, role, this.taken(parameter, stepped), reason);
  }

  /** Text or days as they are. */
  put(role: PoolRole, value: SettingValue, reason: PoolReason, index = 1): void {
    const parameter = parameterWithRole(this.context.profile, role, index);
    if (parameter) this.add(parameter, role, value, reason);
  }

  /** An option by its role. What the profile lacks altogether is passed over; a choice it lacks is a problem. */
  choose(role: PoolRole, option: PoolOptionRole, reason: PoolReason, index = 1): void {
    const parameter = parameterWithRole(this.context.profile, role, index);
    if (!parameter) return;
    const value = optionWithRole(parameter, option);
    if (value === undefined) this.problems.push({ kind: 'missing-role', role: option });
    else this.add(parameter, role, value, reason);
  }

  private taken(parameter: Parameter, value: number): number {
    const values = this.values();
    const least = limitFor(parameter.least, values);
    const greatest = limitFor(parameter.greatest, values);
    const rounded = parameter.step
      ? roundToStep(value, parameter.step, parameter.type === 'time' ? 0 : (least ?? 0))
      : value;
    return Math.min(greatest ?? Infinity, Math.max(least ?? -Infinity, rounded));
  }

  private add(parameter: Parameter, role: PoolRole, value: SettingValue, reason: PoolReason): void {
    this.targets.push({ address: addressOf(parameter), key: parameter.key, role, value, reason });
  }

  finish(): PoolPlan {
    const order = new Map(inOrderOfWork(this.context.profile).map(({ key }, i) => [key, i]));
    const targets = [...this.targets].sort((a, b) => (order.get(a.key) ?? 0) - (order.get(b.key) ?? 0));
    return { targets, problems: this.problems, values: this.values(), settings: this.settings() };
  }
}
