import {
  faultOf,
  figureOfOption,
  inOrderOfWork,
  isChosenFigure,
  parameterWithRole,
  readIn,
  shownIn,
  stepIn,
  type Parameter,
  type RoleQuantities,
  type SettingValue,
} from '../../profile';
import { attempt, Unanswered } from '../../describe';
import type { Quantity } from '../../units';
import { bestOption } from './choices';
import type { Way } from './clamped';
import { PlanDraft, type PlanGround } from './plan-draft';

/** A plan whose controllers differ from four switches to a menu: what one lacks is passed over, and figures go on its steps up, down or near. */
export abstract class SteppedDraft<
  Ground extends PlanGround,
  Role extends string,
  Option extends string,
  Reason,
  Problem,
  Settings extends object,
> extends PlanDraft<Ground, Role, Option, Reason, Problem, Settings> {
  /** what the figure of each role measures */
  protected abstract readonly quantities: RoleQuantities;

  protected parameter(role: Role, index = 1): Parameter | undefined {
    return parameterWithRole(this.context.profile, role, index);
  }

  /** The parameter of a role, for what asks for its limits. */
  of(role: Role, index = 1): Parameter | undefined {
    return this.parameter(role, index);
  }

  /** A figure in the program's own unit; `up` and `down` are the smallest step that is not less, the greatest that is not more. */
  set(role: Role, value: number, reason: Reason, way: Way = 'near', index = 1): void {
    const parameter = this.parameter(role, index);
    if (!parameter) return;
    if (isChosenFigure(parameter, role))
      return this.chooseFigure(
        parameter,
        role,
        { figure: value, quantity: this.quantityOf(role), way },
        reason,
      );
    this.place(parameter, role, this.shown(parameter, role, value), reason, way);
  }

  /** What a figure comes to once it is set, in the program's own unit; the figure itself where the controller has no such setting. */
  settable(role: Role, value: number, way: Way = 'near', index = 1): number {
    const parameter = this.parameter(role, index);
    if (!parameter) return value;
    if (isChosenFigure(parameter, role)) {
      const settled = bestOption(parameter, {
        [role]: { figure: value, quantity: this.quantityOf(role), way },
      });
      return (settled && figureOfOption(settled.option, role)) ?? value;
    }
    const taken = this.taken(parameter, this.shown(parameter, role, value), way);
    return readIn(parameter, this.quantityOf(role), taken) ?? value;
  }

  private quantityOf(role: Role): Quantity {
    return this.quantities[role] ?? 'plain';
  }

  private shown(parameter: Parameter, role: Role, value: number): number {
    return shownIn(parameter, this.quantityOf(role), value) ?? value;
  }

  /** The size of one step of a role, in the program's own unit; null where the controller has no such figure, or takes any. */
  stepOf(role: Role): number | null {
    const parameter = this.parameter(role);
    return parameter ? stepIn(parameter, this.quantityOf(role)) : null;
  }

  /** A choice where the controller has it. */
  pick(role: Role, option: Option, reason: Reason, index = 1): void {
    if (this.parameter(role, index)) this.choose(role, option, reason, index);
  }

  /** What a change puts back, planned or already made, and what has no target of its own is entered again as it was; what is not known cannot be. */
  enterAgain(reason: Reason): void {
    const { profile, inForce } = this.context;
    const values = this.values();
    const placed = inOrderOfWork(profile);
    for (const { key: changed, rewrites = [] } of placed) {
      if (rewrites.length === 0) continue;
      const changes = attempt(() => values[changed] !== inForce[changed]);
      // whether it is changed is not known yet: what it would put back waits with it
      if (changes instanceof Unanswered)
        this.waiting.waitWith(rewrites, changes.path, (key) => this.isPlanned(key));
      else this.enterRewritten(rewrites, changes, reason);
    }
  }

  private enterRewritten(rewrites: readonly string[], changes: boolean, reason: Reason): void {
    const { profile, inForce, putBack = {} } = this.context;
    const placed = inOrderOfWork(profile);
    for (const key of rewrites) {
      const parameter = placed.find((one) => one.key === key);
      const value = putBack[key] ?? (changes ? inForce[key] : undefined);
      if (!parameter || value === undefined || this.isPlanned(key) || this.waiting.has(key)) continue;
      const again = this.takenAgain(parameter, value);
      // what has no meaning of its own is entered again all the same, under its key
      if (again !== null) this.add(parameter, (parameter.role ?? key) as Role, again, reason);
    }
  }

  /** What was found, as it can be entered: a figure that its display cannot show is the nearest that it can; any other is left. */
  private takenAgain(parameter: Parameter, value: SettingValue): SettingValue | null {
    if (faultOf(parameter, value, this.values()) === null) return value;
    return typeof value === 'number' && parameter.type !== 'choice' ? this.taken(parameter, value) : null;
  }
}
