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
import type { TextValues } from '../../findings';
import { roundDownToStep, roundToStep, roundUpToStep } from '../../units';
import { clampOf, type Clamped, type Way } from './clamped';

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

/** Targets in the order in which a controller is worked through. */
export function sortedForWork<Target extends { readonly key: string }>(
  profile: Profile,
  targets: readonly Target[],
): Target[] {
  const order = new Map(inOrderOfWork(profile).map(({ key }, i) => [key, i]));
  return [...targets].sort((a, b) => (order.get(a.key) ?? 0) - (order.get(b.key) ?? 0));
}

/** The controller that a plan is for. */
export interface PlanGround {
  readonly profile: Profile;
  /** what is in the controller now */
  readonly inForce: SettingValues;
  /** what stood before the change of another setting put it back, and was not entered since */
  readonly putBack?: SettingValues;
  /** targets that stand whatever else would follow: what hangs on them is planned after them */
  readonly pinned?: Readonly<Record<string, Pinned>>;
}

export interface Pinned {
  readonly value: SettingValue;
  readonly reason: { readonly text: string; readonly values: TextValues };
}

const ROUNDED: Readonly<Record<Way, (value: number, step: number) => number>> = {
  up: roundUpToStep,
  near: roundToStep,
  down: roundDownToStep,
};

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
    const pinned = Object.entries(this.context.pinned ?? {}).map(([key, { value }]) => [key, value]);
    return { ...this.context.inForce, ...Object.fromEntries(pinned), ...planned };
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

  /** A figure as this parameter takes it: on a step of its display, and kept within its limits. */
  taken(parameter: Parameter, value: number, way: Way = 'near'): number {
    const values = this.values();
    const least = limitFor(parameter.least, values);
    const greatest = limitFor(parameter.greatest, values);
    // times of day are stepped from midnight, whatever the earliest one is
    const from = parameter.type === 'time' ? 0 : (least ?? 0);
    const rounded = parameter.step ? ROUNDED[way](value - from, parameter.step) + from : value;
    const clean = Number(rounded.toPrecision(12));
    return Math.min(greatest ?? Infinity, Math.max(least ?? -Infinity, clean));
  }

  /**
   * A figure as the display shows it, as near as this parameter takes it. Where its limits keep it from what is wanted, the reason says
   * so in the place of the one that was meant, and it is a problem of the plan.
   */
  protected place(parameter: Parameter, role: Role, wanted: number, reason: Reason, way: Way = 'near'): void {
    const taken = this.taken(parameter, wanted, way);
    const clamp = clampOf(parameter, { wanted, taken, way }, this.values());
    if (clamp === null) return this.add(parameter, role, taken, reason);
    this.problems.push(clamp);
    this.add(parameter, role, taken, { text: 'clamped', values: clamp.values } as Reason);
  }

  protected add(parameter: Parameter, role: Role, value: SettingValue, reason: Reason): void {
    const { key } = parameter;
    const pinned = this.context.pinned?.[key] as { value: SettingValue; reason: Reason } | undefined;
    this.targets.push({ address: addressOf(parameter), key, role, value, reason, ...pinned });
  }

  /** What is pinned and nobody planned is a target all the same. */
  private addPinned(): void {
    for (const parameter of inOrderOfWork(this.context.profile)) {
      const { key, role = key } = parameter;
      const pinned = this.context.pinned?.[key];
      if (!pinned || this.targets.some((target) => target.key === key)) continue;
      this.add(parameter, role as Role, pinned.value, pinned.reason as Reason);
    }
  }

  finish(): FinishedPlan<
    PlannedTarget<Role, Reason>,
    Problem | MissingRole<Role | Option> | Clamped,
    Settings
  > {
    this.addPinned();
    const targets = sortedForWork(this.context.profile, this.targets);
    return { targets, problems: this.problems, values: this.values(), settings: this.settings() };
  }
}
