import { groundOf, type Family, type FamilyKind, type ViewOf } from '@barythm/core/families';
import { bySeverity, type Finding } from '@barythm/core/findings';
import { InputError } from '@barythm/core/input';
import {
  type Choices,
  choicesOf,
  type Judge,
  movedByHand,
  type PlannedTarget,
  plannedTargets,
  type TargetLine,
  targetLines,
} from '@barythm/core/job';
import type { SettingValue, SettingValues } from '@barythm/core/profile';
import { keyOf } from '@barythm/core/sheet';
import { useMemo } from 'react';

/** What was moved by hand in the plan: values by address. */
export type ByHand = Readonly<Record<string, SettingValue>>;
export const NOTHING_MOVED: ByHand = {};

/** What a duty leads to on the pump that is looked at. */
export interface Planned<K extends FamilyKind> {
  readonly context: K['context'];
  /** the plan's own */
  readonly targets: readonly PlannedTarget[];
  /** the same with what was chosen in their place, by hand or as found */
  readonly targetLines: readonly TargetLine[];
  /** what was moved on a picture, as it stands on the sheet once the plan is agreed */
  readonly moved: Choices;
  /** what the controller would hold with these targets */
  readonly values: SettingValues;
  /** the same in the field's terms, and those that were found; null where nothing was read */
  readonly settings: K['settings'];
  readonly found: K['settings'] | null;
  /** what is believed to be in the controller; null where nothing is known of it */
  readonly before: SettingValues | null;
  readonly judge: Judge;
  readonly findings: { readonly found: readonly Finding[]; readonly target: readonly Finding[] };
}

/** Either what a duty leads to, or what in it cannot be computed with, by its field. */
export type PlannedOrFault<K extends FamilyKind, Also extends object = object> =
  | { readonly work: Planned<K> & Also; readonly fault: null }
  | { readonly work: null; readonly fault: InputError | null };

/** What follows from the duty alone: worked out once for each key press in the duty, not for each move of a point. */
function groundwork<K extends FamilyKind>(family: Family<K>, view: ViewOf<K>, duty: K['duty']) {
  const values: SettingValues = { ...view.document.lastLeft?.values, ...view.values.found };
  const context = family.context(groundOf(view, duty, view.values.force));
  const before = Object.keys(values).length > 0 ? values : null;
  const { profile, plate } = context;
  return {
    context,
    before,
    found: before && family.understand(profile, plate, before),
    plan: family.plan(context),
    chosen: choicesOf(view.rows),
    onFound: before ? family.check(context, 'found', before) : [],
  };
}

/** The plan with what was moved by hand: fast enough for every frame of a drag. */
function withByHand<K extends FamilyKind>(
  family: Family<K>,
  { context, before, found, plan, chosen, onFound }: ReturnType<typeof groundwork<K>>,
  byHand: ByHand,
): Planned<K> {
  const targets = plannedTargets(context.profile, plan, family.reasons);
  const moved = movedByHand(byHand, targets);
  const lines = targetLines(context.profile, targets, { ...chosen, ...moved });
  const values: Record<string, SettingValue | undefined> = { ...plan.values };
  for (const { address, value } of lines) values[keyOf(address)] = value ?? context.inForce[keyOf(address)];
  const target = bySeverity(family.checkPlan(context, { ...plan, values }));
  const { profile, plate } = context;
  return {
    context,
    targets,
    targetLines: lines,
    moved,
    values,
    settings: family.understand(profile, plate, values),
    found,
    before,
    judge: (column) => family.check(context, 'target', column),
    findings: { found: onFound, target },
  };
}

const NOTHING_ELSE = () => ({});

/**
 * The plan for the duty as it is typed; nothing while the duty is not complete or cannot be computed with.
 * @param also what the family's pictures need besides; one function for good, or the plan is worked out at every painting
 */
export function usePlanned<K extends FamilyKind, Also extends object = object>(
  family: Family<K>,
  view: ViewOf<K>,
  duty: K['duty'] | null,
  byHand: ByHand = NOTHING_MOVED,
  also: (planned: Planned<K>) => Also = NOTHING_ELSE as () => Also,
): PlannedOrFault<K, Also> {
  const ground = useMemo(
    () => (duty ? attempt(() => groundwork(family, view, duty)) : null),
    [family, view, duty],
  );
  return useMemo(() => {
    if (ground === null) return { work: null, fault: null };
    if (ground instanceof InputError) return { work: null, fault: ground };
    const work = attempt(() => {
      const planned = withByHand(family, ground, byHand);
      return { ...planned, ...also(planned) };
    });
    return work instanceof InputError ? { work: null, fault: work } : { work, fault: null };
  }, [family, ground, byHand, also]);
}

function attempt<T>(compute: () => T): T | InputError {
  try {
    return compute();
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}
