import { z } from 'zod';
import { wasWorkedOn, type AnyJob } from '../../visit';
import { noteSchema, record, ticksSchema } from '../../visit/wire';
import type { FamilyKind } from '../kind';
import type { ViewOf } from '../view';

/** One thing that is seen or done before a pump is set. */
export interface FirstStep {
  readonly key: string;
  readonly words: string;
}

/** What is seen or done before the settings count: a list of its own, recorded in one go, each thing by itself. */
export interface FirstSteps<K extends FamilyKind> {
  /** the record that it goes into */
  readonly kind: K['record']['kind'];
  readonly title: string;
  readonly steps: readonly FirstStep[];
  /** those that count on a job, where not all do */
  of?(view: ViewOf<K>): readonly FirstStep[];
  /** said above it */
  caution?(profile: K['profile']): string | null;
}

/** What such a record holds. */
export interface FirstBody {
  readonly kind: string;
  readonly seen: readonly string[];
  /** of what was not seen: a word why */
  readonly why: string;
}

/** The schema of the record that they go into. */
export function firstRecord<const Kind extends string, const Key extends string>(
  kind: Kind,
  steps: readonly { readonly key: Key; readonly words: string }[],
) {
  const [one, ...others] = steps.map(({ key }) => key);
  return record(kind, {
    seen: z.array(z.enum([one, ...others])),
    why: noteSchema,
    changed: ticksSchema.optional(),
  });
}

/** What was recorded of them last; null where nothing was. */
export function firstSeen({ records }: AnyJob, kind: string): FirstBody | null {
  const last = records.findLast(({ body }) => isFirst(body) && body.kind === kind)?.body;
  return last && isFirst(last) ? last : null;
}
function isFirst(body: { readonly kind: string }): body is FirstBody {
  return 'seen' in body && Array.isArray(body.seen) && 'why' in body;
}

/** Said in the place of a reason where a pump was worked on and nobody wrote down what was seen first. */
const NOT_RECORDED = 'nobody recorded them.';

/**
 * Which of them were not seen, and why; none of them where the pump was worked on and nobody wrote it down. Null where it was not
 * worked on yet.
 *
 * @param own the schemas of the records that its family alone writes
 */
export function firstLeft(
  document: AnyJob,
  kind: string,
  steps: readonly FirstStep[],
  own: readonly z.ZodObject[],
): { readonly steps: readonly FirstStep[]; readonly why: string } | null {
  const nothing = wasWorkedOn(document, own) ? { kind, seen: [], why: NOT_RECORDED } : null;
  const seen: FirstBody | null = firstSeen(document, kind) ?? nothing;
  return seen && { steps: steps.filter(({ key }) => !seen.seen.includes(key)), why: seen.why };
}

/** Steps within a sentence. */
export function stepsSaid(steps: readonly FirstStep[]): string {
  return steps.map(({ words }) => words.charAt(0).toLowerCase() + words.slice(1)).join('; ');
}
