import {
  addressOf,
  inOrderOfWork,
  limitFor,
  optionWithRole,
  parameterWithRole,
  type Parameter,
  type Profile,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { roundToStep } from '../../units';
import { clampOf, type Clamped } from './clamped';

/** A setting that a plan arrived at, and why. */
export interface PlannedTarget<Role extends string, Reason> {
  readonly address: string;
  readonly key: string;
  readonly role: Role;
  readonly value: SettingValue;
  readonly reason: Reason;
}

/** A role that the duty needs and the profile has not. */
export interface MissingRole<Role extends string> {
  readonly kind: 'missing-role';
  readonly role: Role;
}

/** What every plan ends in: the targets in the order of work, and the controller as it will then stand. */
export interface FinishedPlan<Target, Problem, Settings> {
  readonly targets: readonly Target[];
  readonly problems: readonly Problem[];
  /** targets over what is in force: what the controller will hold */
  readonly values: SettingValues;
  readonly settings: Settings;
}

/** The controller that a plan is for. */
export interface PlanGround {
  readonly profile: Profile;
  /** what is in the controller now */
  readonly inForce: SettingValues;
  /** what stood before the change of another setting put it back, and was not entered since */
  readonly putBack?: SettingValues;
}

/** Collects the targets of a plan; knows what the profile has and rounds to what it takes. */
export abstract class PlanDraft<
  Ground extends PlanGround,
  Role extends string,
  Option extends string,
  Reason,
  Problem,
  Settings,
> {
  readonly targets: PlannedTarget<Role, Reason>[] = [];
  readonly problems: (Problem | MissingRole<Role | Option> | Clamped)[] = [];

  constructor(readonly context: Ground) {}

  /** The settings of this family in the values so far. */
  abstract settings(): Settings;

  /** The parameter with a role, at a place of its group; each family says whether one that is lacking is a problem. */
  protected abstract parameter(role: Role, index?: number): Parameter | undefined;

  values(): SettingValues {
    const planned = Object.fromEntries(this.targets.map((target) => [target.key, target.value]));
    return { ...this.context.inForce, ...planned };
  }

  has(role: Role): boolean {
    return parameterWithRole(this.context.profile, role) !== undefined;
  }

  /** Text, days, or an option by its own value. */
  put(role: Role, value: SettingValue, reason: Reason, index = 1): void {
    const parameter = this.parameter(role, index);
    if (parameter) this.add(parameter, role, value, reason);
  }

  /** An option by its role. A choice that the parameter lacks is a problem. */
  choose(role: Role, option: Option, reason: Reason, index = 1): void {
    const parameter = this.parameter(role, index);
    if (!parameter) return;
    const value = optionWithRole(parameter, option);
    if (value === undefined) this.problems.push({ kind: 'missing-role', role: option });
    else this.add(parameter, role, value, reason);
  }

  /** A figure as this parameter takes it: rounded to its step, and kept within its limits. */
  taken(parameter: Parameter, value: number): number {
    const values = this.values();
    const least = limitFor(parameter.least, values);
    const greatest = limitFor(parameter.greatest, values);
    // times of day are stepped from midnight, whatever the earliest one is
    const from = parameter.type === 'time' ? 0 : (least ?? 0);
    const rounded = parameter.step ? roundToStep(value, parameter.step, from) : value;
    return Math.min(greatest ?? Infinity, Math.max(least ?? -Infinity, rounded));
  }

  /**
   * A figure as the display shows it, as near as this parameter takes it. Where its limits keep it from what is wanted, the reason says
   * so in the place of the one that was meant, and it is a problem of the plan.
   */
  protected place(parameter: Parameter, role: Role, wanted: number, reason: Reason): void {
    const taken = this.taken(parameter, wanted);
    const clamp = clampOf(parameter, addressOf(parameter), wanted, taken, this.values());
    if (clamp === null) return this.add(parameter, role, taken, reason);
    this.problems.push(clamp);
    this.add(parameter, role, taken, { text: 'clamped', values: clamp.values } as Reason);
  }

  protected add(parameter: Parameter, role: Role, value: SettingValue, reason: Reason): void {
    this.targets.push({ address: addressOf(parameter), key: parameter.key, role, value, reason });
  }

  finish(): FinishedPlan<
    PlannedTarget<Role, Reason>,
    Problem | MissingRole<Role | Option> | Clamped,
    Settings
  > {
    const order = new Map(inOrderOfWork(this.context.profile).map(({ key }, i) => [key, i]));
    const targets = [...this.targets].sort((a, b) => (order.get(a.key) ?? 0) - (order.get(b.key) ?? 0));
    return { targets, problems: this.problems, values: this.values(), settings: this.settings() };
  }
}
