import { attempt, Unanswered, wordsAt, type Form } from '../../describe';
import { bySeverity, type Finding, type Subject } from '../../findings';
import { presentReader } from '../../units';
import { notChecked } from './check-input';

/**
 * What a check finds on a duty that may not be whole: all that it could not look at is said once, by what is asked for it on the form of
 * the duty.
 */
export function saidInParts<Duty>(form: Form<Duty>, subject: Subject, check: () => Finding[]): Finding[] {
  const found = attempt(check);
  const findings = found instanceof Unanswered ? [notChecked(subject, [found.path])] : found;
  const lacking = findings.filter(({ text }) => text === 'ANY-00.part');
  if (lacking.length === 0) return findings;
  const paths = [...new Set(lacking.flatMap(({ values }) => String(values.what).split('; ')))];
  const words = paths.map((path) => askedAt(form, path));
  return bySeverity([
    notChecked(subject, [...new Set(words)]),
    ...findings.filter(({ text }) => text !== 'ANY-00.part'),
  ]);
}

/** What the form of a duty asks at a path, in words: where a computation says that it needs an answer there. */
export function askedAt<Duty>({ parts, typedAt }: Form<Duty>, path: string): string {
  return wordsAt(parts, typedAt(path, {}), presentReader());
}
