import { parameterAt } from '../../profile';
import { recordsOf, type HandoverSummary } from '../../visit';
import { offeredChecks } from '../proof/offered-checks';
import type { JobView } from '../view';

const CHECK = 'check:';

/** What a note on a check is about. */
export const aboutCheck = (key: string): string => `${CHECK}${key}`;

/** Notes about one thing, in the order they were written. */
export function notesAbout({ document }: Pick<JobView, 'document'>, about: string) {
  return recordsOf(document, 'note').filter(({ body }) => body.about === about);
}

/** What was written beside the work, with what it is about as a person names it. */
export function notesOf(view: JobView): Pick<HandoverSummary, 'notes'> {
  const notes = recordsOf(view.document, 'note');
  if (notes.length === 0) return {};
  return {
    notes: notes.map(({ body, recordedAt, actor }) => ({
      about: nameOf(body.about, view),
      words: body.words,
      recordedAt,
      actor,
    })),
  };
}

/** A setting by its label, a check by its title; null for the job itself, and as it was written for what is not there any more. */
function nameOf(about: string, view: JobView): string | null {
  if (about === '') return null;
  if (!about.startsWith(CHECK)) return parameterAt(view.profile, about)?.label ?? about;
  const key = about.slice(CHECK.length);
  const tried = view.checks.map(({ check }) => check);
  return [...offeredChecks(view), ...tried].find((check) => check.key === key)?.title ?? key;
}
