import { attempt, Unanswered } from '../../describe';
import { anyFinding, bySeverity, type Finding, type Subject } from '../../findings';
import { isShared, sharedFinding, type SharedProblem } from './shared-problem';
import { addressOf, parameterWithRole, type Profile, type SettingValues } from '../../profile';

/**
 * What a check of a column is given in every family; what else it looks at, a family adds.
 *
 * @example
 * interface FanInput extends CheckInput<FanContext, FanSettings, FanRole> { readonly duct: Duct }
 */
export interface CheckInput<Context, Settings, Role extends string> {
  readonly context: Context;
  readonly subject: Subject;
  readonly settings: Settings;
  /** sheet address of a role, in a place of its group; undefined on a controller that has none */
  at(role: Role, index?: number): string | undefined;
}

/** Where the roles of a profile stand on the sheet. */
export function addressesOf(profile: Profile): (role: string, index?: number) => string | undefined {
  return (role, index) => {
    const parameter = parameterWithRole(profile, role, index);
    return parameter && addressOf(parameter);
  };
}

/**
 * All that some checks find. One that comes to what nobody has answered of the duty finds nothing, and that is said by where it is asked:
 * the others are none the worse for it.
 */
export function eachOf<Input extends { readonly subject: Subject }>(
  input: Input,
  ...checks: readonly ((input: Input) => readonly Finding[])[]
): Finding[] {
  return checks.flatMap((check) => {
    const found = attempt(() => check(input));
    return found instanceof Unanswered ? [notChecked(input.subject, [found.path])] : found;
  });
}

/** ANY-00: what was not looked at, for want of some answers of the duty, by where they are asked. */
export function notChecked(subject: Subject, paths: readonly string[]): Finding {
  return anyFinding('ANY-00.part', subject, { what: paths.join('; ') });
}

/** What is judged of a plan. */
interface Planned {
  readonly problems: readonly { readonly kind: string }[];
  readonly values: SettingValues;
}

/** Judges a plan: what it could not plan, and the settings that it leads to. */
export function planCheck<Context, Plan extends Planned>(
  check: (context: Context, subject: Subject, values: SettingValues) => Finding[],
  problemFinding: (problem: Exclude<Plan['problems'][number], SharedProblem>, context: Context) => Finding,
): (context: Context, plan: Plan) => Finding[] {
  return (context, plan) =>
    bySeverity([
      ...plan.problems.map((problem) =>
        isShared(problem)
          ? sharedFinding(problem)
          : problemFinding(problem as Exclude<Plan['problems'][number], SharedProblem>, context),
      ),
      ...check(context, 'target', plan.values),
    ]);
}
