import { attempt, Unanswered } from '../../describe';
import { ANY_TEXTS, renderFinding, type Finding, type TextBook } from '../../findings';
import {
  addressOf,
  applies,
  faultOf,
  inOrderOfWork,
  rolesIn,
  wordsFor,
  type Parameter,
  type Profile,
  type SettingValue,
  type SettingValues,
} from '../../profile';
import { METRIC } from '../../units';
import {
  sortedForWork,
  type FinishedPlan,
  type Pinned,
  type PlanGround,
  type PlannedTarget,
} from './plan-draft';

/** The reason of a target that was moved because what would follow by itself is faulted. */
export const REPAIRED_REASON = {
  repaired: '{was} would follow by itself, and then: {finding} ({code}). {now} is the nearest without it.',
} as const;

/** So many steps a figure is moved either way, the nearest first. */
const STEPS = [1, -1, 2, -2, 3, -3] as const;
/** So many settings are judged in all: a plan is made at every touch. */
export const MOST_JUDGED = 60;

/** What a family plans and judges with. */
interface Planning<Context extends PlannedFor, Plan, Settings> {
  propose(context: Context): Plan;
  /** other ways to plan what nobody chose, tried where the first keeps faults; taken where they keep fewer and bring none */
  others?(context: Context): readonly ((context: Context) => Plan)[];
  check(context: Context, subject: 'target', values: SettingValues): readonly Finding[];
  understand(profile: Context['profile'], plate: Context['plate'], values: SettingValues): Settings;
  readonly texts: TextBook;
  /** roles that stand by plate, label, plant or a person’s choice: nothing else moves them */
  held(duty: Context['duty']): ReadonlySet<string>;
}

interface PlannedFor extends PlanGround {
  readonly plate: object;
  readonly duty: object;
}

/** A plan that is proposed, judged as its own target, and repaired where a step or two of what is named cures a fault. */
export function settled<
  Context extends PlannedFor,
  Role extends string,
  Reason extends { readonly text: string },
  Problem,
  Settings,
>({
  propose,
  others,
  check,
  understand,
  texts,
  held,
}: Planning<Context, FinishedPlan<PlannedTarget<Role, Reason>, Problem, Settings>, Settings>) {
  return (context: Context) => {
    const { profile, plate, duty } = context;
    const stands = attempt(() => held(duty));
    // what nothing may move is not known yet: it stays as it is proposed, and is judged so
    if (stands instanceof Unanswered) return propose(context);
    const by = (way: typeof propose) =>
      repaired((pinned) => way({ ...context, pinned }), {
        profile,
        texts: { ...ANY_TEXTS, ...texts },
        judge: (values) => check(context, 'target', values),
        understand: (values) => understand(profile, plate, values),
        held: stands,
      });
    const first = by(propose);
    const kept = faultsIn(first.findings).map(faultKey);
    if (kept.length === 0 || !others) return first.plan;
    const ways = attempt(() => others(context));
    if (ways instanceof Unanswered) return first.plan;
    const better = ways.map(by).find(({ findings }) => {
      const then = faultsIn(findings).map(faultKey);
      return then.length < kept.length && then.every((key) => kept.includes(key));
    });
    return (better ?? first).plan;
  };
}

/** What is needed to judge a plan and to move what it names. */
interface Judging<Settings> {
  readonly profile: Profile;
  readonly texts: TextBook;
  /** findings on settings as a target */
  judge(values: SettingValues): readonly Finding[];
  understand(values: SettingValues): Settings;
  /** roles that stand by plate, label, plant or a person's choice: nothing else moves them */
  readonly held: ReadonlySet<string>;
}

/** The findings that a plan must not have of its own. */
export function faultsIn(findings: readonly Finding[]): Finding[] {
  return findings.filter(({ severity }) => severity !== 'note');
}

/** The same fault again, whatever its figures. */
export const faultKey = ({ text, addresses }: Finding) => `${text} ${[...addresses].sort().join()}`;

/** One setting moved. */
export interface Move {
  readonly parameter: Parameter;
  readonly value: SettingValue;
}

/** Every setting that a finding names, moved by a few steps of its display or to another choice, the nearest first. */
export function movesFor(
  { profile, held }: Pick<Judging<unknown>, 'profile' | 'held'>,
  { addresses }: Finding,
  values: SettingValues,
): Move[] {
  const named = inOrderOfWork(profile).filter(
    (parameter) =>
      addresses.includes(addressOf(parameter)) &&
      !rolesIn(parameter).some((role) => held.has(role)) &&
      // what puts others back is more than a value entered
      !parameter.rewrites &&
      applies(parameter, values),
  );
  const stepped = STEPS.flatMap((steps) =>
    named.flatMap((parameter) => {
      const now = values[parameter.key];
      if (typeof now !== 'number' || parameter.type === 'choice' || !parameter.step) return [];
      return [{ parameter, value: Number((now + steps * parameter.step).toPrecision(12)) }];
    }),
  );
  const chosen = named.flatMap((parameter) =>
    parameter.type === 'choice' ? (parameter.options ?? []).map(({ value }) => ({ parameter, value })) : [],
  );
  return [...stepped, ...chosen].filter(
    ({ parameter, value }) =>
      value !== values[parameter.key] &&
      faultOf(parameter, value, { ...values, [parameter.key]: value }) === null,
  );
}

type Pins = Readonly<Record<string, Pinned>>;

/**
 * A plan that its own judgement faults, mended where that takes a setting or two: what a finding names is moved until the finding is gone
 * and none has come, not even a note; what hangs on it is then planned anew. What cannot be mended so stays as it was proposed, and the
 * finding says it.
 */
function repaired<Role extends string, Reason extends { readonly text: string }, Problem, Settings>(
  planWith: (pinned: Pins) => FinishedPlan<PlannedTarget<Role, Reason>, Problem, Settings>,
  judging: Judging<Settings>,
) {
  let left = MOST_JUDGED;
  let pins: Pins = {};
  let plan = planWith(pins);
  let findings = judging.judge(plan.values);
  const cure = (fault: Finding): boolean => {
    const known = new Set(findings.map(faultKey));
    const cures = (then: readonly Finding[]) =>
      then.every((one) => known.has(faultKey(one)) && faultKey(one) !== faultKey(fault));
    for (const { parameter, value } of movesFor(judging, fault, plan.values)) {
      if (left === 0) return false;
      left -= 1;
      const moved = { ...plan.values, [parameter.key]: value };
      const then = judging.judge(moved);
      if (!cures(then)) continue;
      const reason = reasonOf(parameter, plan.values[parameter.key], value, fault, judging);
      pins = { ...pins, [parameter.key]: { value, reason } };
      const anew = planWith(pins);
      const found = judging.judge(anew.values);
      // where what hangs on it brings the fault back, it alone is moved
      [plan, findings] = cures(found)
        ? [anew, found]
        : [withMoved(plan, parameter, value, reason, judging), then];
      return true;
    }
    return false;
  };
  while (faultsIn(findings).some(cure));
  return { plan, findings };
}

function reasonOf(
  parameter: Parameter,
  was: SettingValue | undefined,
  now: SettingValue,
  fault: Finding,
  { texts }: Pick<Judging<unknown>, 'texts'>,
) {
  const unit =
    parameter.unit && parameter.unit !== '-' && parameter.type === 'number' ? ` ${parameter.unit}` : '';
  const said = (value: SettingValue | undefined) =>
    value === undefined ? 'What is set' : `${wordsFor(parameter, value)}${unit}`;
  const finding = renderFinding(fault, texts, METRIC).title;
  return {
    text: 'repaired' as const,
    values: { was: said(was), now: said(now), finding, code: fault.code },
  };
}

/** A plan with one target moved, or one more. */
function withMoved<Role extends string, Reason, Problem, Settings>(
  plan: FinishedPlan<PlannedTarget<Role, Reason>, Problem, Settings>,
  parameter: Parameter,
  value: SettingValue,
  reason: object,
  { profile, understand }: Judging<Settings>,
): FinishedPlan<PlannedTarget<Role, Reason>, Problem, Settings> {
  const { key, role = key } = parameter;
  const moved = {
    address: addressOf(parameter),
    key,
    role: role as Role,
    value,
    reason: reason as Reason,
  };
  const targets = [...plan.targets.filter((one) => one.key !== key), moved];
  const values = { ...plan.values, [key]: value };
  const { problems, waits } = plan;
  return {
    targets: sortedForWork(profile, targets),
    problems,
    waits,
    values,
    settings: understand(values),
  };
}
