import { attempt, Unanswered, type Answers } from '@barythm/core/describe';
import { askedAt, familyOf, groundOf, type JobView } from '@barythm/core/families';
import type { Finding } from '@barythm/core/findings';
import { InputError } from '@barythm/core/input';
import {
  choicesOf,
  dutyInParts,
  type Judge,
  judgeOf,
  lookedAtInPart,
  type PlannedTarget,
  plannedTargets,
  type TargetLine,
  targetLines,
} from '@barythm/core/job';
import { parameterAt, type SettingValues } from '@barythm/core/profile';
import { useMemo } from 'react';

/** What follows from a duty of which some answers are missing. */
export interface SoFar {
  readonly answers: Answers;
  readonly targets: readonly PlannedTarget[];
  readonly lines: readonly TargetLine[];
  /** settings that wait, by what they wait for, in words */
  readonly waits: readonly { readonly for: string; readonly settings: readonly string[] }[];
  readonly values: SettingValues;
  readonly judge: Judge | null;
  readonly findings: readonly Finding[];
}

/** What follows from the answers that are there; null where nobody answered anything yet, or they cannot be computed with. */
export function useSoFar(view: JobView, answers: Answers | null): SoFar | null {
  return useMemo(() => (answers ? soFar(view, answers) : null), [view, answers]);
}

function soFar(view: JobView, answers: Answers): SoFar | null {
  const { profile } = view;
  const family = familyOf(profile.family);
  try {
    const duty = dutyInParts(profile, answers);
    const made = attempt(() => {
      const context = family.context(groundOf(view, duty, view.values.force));
      return { context, plan: family.plan(context) };
    });
    if (made instanceof Unanswered) return null;
    const { context, plan } = made;
    const targets = plannedTargets(profile, plan, family.reasons);
    const waits = new Map<string, string[]>();
    for (const { address, for: path } of plan.waits) {
      const words = askedAt(family.forms.duty, path);
      const label = parameterAt(profile, address)?.label ?? address;
      waits.set(words, [...(waits.get(words) ?? []), label]);
    }
    return {
      answers,
      targets,
      lines: targetLines(profile, targets, choicesOf(view.rows)),
      waits: [...waits].map(([words, settings]) => ({ for: words, settings: [...new Set(settings)] })),
      values: plan.values,
      judge: judgeOf(family, context),
      findings: lookedAtInPart(family.checkPlan(context, plan), 'target'),
    };
  } catch (error) {
    // what cannot be computed with is said where the duty is whole
    if (error instanceof InputError) return null;
    throw error;
  }
}
