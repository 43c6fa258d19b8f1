import {
  addressOf,
  faultOf,
  figureOfOption,
  inOrderOfWork,
  limitFor,
  parameterWithRole,
  type Parameter,
  type Profile,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { attempt, Unanswered } from '../../describe';
import type { TextValues } from '../../findings';
import { roundDownToStep, roundToStep, roundUpToStep } from '../../units';
import {
  bestOption,
  clampedChoice,
  isNearEnough,
  undecidedOf,
  type Want,
  type Wanted,
  type Wants,
} from './choices';
import { clampOf, type Clamped, type Way } from './clamped';
import type { SharedProblem, Undecided } from './shared-problem';
import { WaitingSettings, type Waiting } from './waiting';

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
  /** settings that wait for what nobody has answered of the duty; none where it is whole */
  readonly waits: readonly Waiting[];
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
  Settings extends object,
> {
  readonly targets: PlannedTarget<Role, Reason>[] = [];
  readonly problems: (Problem | MissingRole<Role | Option> | SharedProblem)[] = [];
  /** what is wanted of each choice, by the role that it settles */
  private readonly wanted = new Map<string, Wants>();
  /** choices of which several do as well so far */
  private readonly undecided = new Map<string, Undecided>();
  protected readonly waiting: WaitingSettings;

  constructor(readonly context: Ground) {
    this.waiting = new WaitingSettings(context.profile);
  }

  /** What some values are in the terms of this family. */
  protected abstract understood(values: SettingValues): Settings;

  /** The settings of this family in the values so far. Throws Unanswered where one is read that hangs on what waits. */
  settings(): Settings {
    return this.waiting.understood(this.standing(), (values) => this.understood(values));
  }

  /**
   * A step of the plan. Where it comes to what nobody has answered of the duty, the settings of these roles that it has not decided by then
   * wait for that, and the plan goes on with the next step.
   */
  step(roles: readonly (Role | Option)[], run: () => void): void {
    const done = attempt(run);
    if (done instanceof Unanswered) this.waiting.wait(roles, done.path, (key) => this.isPlanned(key));
  }

  protected isPlanned(key: string): boolean {
    return this.targets.some((target) => target.key === key);
  }

  /** The parameter with a role, at a place of its group; each family says whether one that is lacking is a problem. */
  protected abstract parameter(role: Role, index?: number): Parameter | undefined;

  /** What the controller will hold so far. Throws Unanswered where a value is read that waits. */
  values(): SettingValues {
    return this.waiting.guarded(this.standing());
  }

  private standing(): SettingValues {
    const planned = Object.fromEntries(this.targets.map((target) => [target.key, target.value]));
    const pinned = Object.entries(this.context.pinned ?? {}).map(([key, { value }]) => [key, value]);
    return { ...this.context.inForce, ...Object.fromEntries(pinned), ...planned };
  }

  has(role: Role): boolean {
    return parameterWithRole(this.context.profile, role) !== undefined;
  }

  /** Text, days, or an option by its own value. Days that its groups do not have are a problem. */
  put(role: Role, value: SettingValue, reason: Reason, index = 1): void {
    const parameter = this.parameter(role, index);
    if (!parameter) return;
    const fault = faultOf(parameter, value, this.values());
    if (fault?.kind === 'not-a-group') this.problems.push({ kind: 'missing-role', role });
    else this.add(parameter, role, value, reason);
  }

  /**
   * An option by its role. A choice that the parameter lacks is a problem; so is one that cannot be had together with what was chosen of
   * the same parameter before, where one choice settles both.
   */
  choose(role: Role, option: Option, reason: Reason, index = 1): void {
    const parameter = this.parameter(role, index);
    if (!parameter) return;
    this.settle(parameter, role, { option }, option, reason);
  }

  /** A figure that is chosen with one of some choices: the nearest that does, together with what else was chosen by it. */
  protected chooseFigure(parameter: Parameter, role: Role, wanted: Wanted, reason: Reason): void {
    this.settle(parameter, role, wanted, role, reason);
  }

  /** Choices whose figure is not what was wanted of it, once all that they settle was chosen: in whatever order that was. */
  private clampedChoices(): Clamped[] {
    return inOrderOfWork(this.context.profile).flatMap((parameter) => {
      const target = this.targets.find(({ key }) => key === parameter.key);
      const option = parameter.options?.find(({ value }) => value === target?.value);
      // what was moved on purpose, or is left as it stands, was kept from nothing
      const moved = parameter.key in (this.context.pinned ?? {}) || this.undecided.has(parameter.key);
      if (!option || moved) return [];
      return Object.entries(this.wanted.get(parameter.key) ?? {}).flatMap(([role, want]) => {
        const figure = figureOfOption(option, role);
        const fits = 'option' in want || figure === null || isNearEnough(figure, want);
        return fits ? [] : [clampedChoice(parameter, option, want)];
      });
    });
  }

  /** The option that settles this and all that was wanted of the same parameter before; none is a problem. */
  private settle(parameter: Parameter, role: Role, want: Want, lacks: Role | Option, reason: Reason): void {
    const { key } = parameter;
    const before = this.wanted.get(key);
    const wanted = { ...before, [role]: want };
    const settled = bestOption(parameter, wanted, this.context.inForce[key]);
    if (settled === undefined) {
      this.problems.push({ kind: 'missing-role', role: lacks });
      return;
    }
    const { option, alike } = settled;
    this.wanted.set(key, wanted);
    if (alike === null) this.undecided.delete(key);
    else this.undecided.set(key, undecidedOf(parameter, alike));
    const at = before && this.targets.findIndex((target) => target.key === key);
    // what one choice settles besides stays one target
    if (at === undefined || at < 0 || role in before!) this.add(parameter, role, option.value, reason);
    else if (!(key in (this.context.pinned ?? {})))
      this.targets[at] = { ...this.targets[at], value: option.value };
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
    // nobody enters what is fixed; where another value was wanted, that is a problem already
    if (parameter.fixed) return;
    const pinned = this.context.pinned?.[key] as { value: SettingValue; reason: Reason } | undefined;
    this.waiting.decided(key);
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
    Problem | MissingRole<Role | Option> | SharedProblem,
    Settings
  > {
    this.addPinned();
    // what nothing decides is left as it stands: the first of several is no answer
    for (const key of Object.keys(this.context.pinned ?? {})) this.undecided.delete(key);
    this.problems.push(...this.undecided.values(), ...this.clampedChoices());
    const decided = this.targets.filter(({ key }) => !this.undecided.has(key));
    const targets = sortedForWork(this.context.profile, decided);
    const values = this.waiting.without(this.standing());
    let known: Settings | undefined;
    const understood = () => (known ??= this.understood(values));
    return {
      targets,
      problems: this.problems,
      waits: this.waiting.all,
      values,
      // of a duty that is not whole they may wait themselves
      get settings() {
        return understood();
      },
    };
  }
}
