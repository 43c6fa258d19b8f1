import { profileSchema, type AnyProfile } from '@barythm/core/families';
import type { ProfileErrors } from '../../families/family-screens';
import { familyOf } from '@barythm/core/families';
import type { Form, Texts } from '@barythm/core/describe';
import { readGroup } from './group-lines';
import { linesOf } from './lines-of';
import { habitsOf, type ProfileDraft } from './profile-draft';
import { readParameter } from './read-parameter';

/** Reads the texts as a profile; what is wrong is said at the place where it was typed. */
export function profileOf(draft: ProfileDraft): { profile: AnyProfile | null; errors: ProfileErrors } {
  const errors: Record<string, string> = {};
  const form = familyOf(draft.family).forms.behaviours;
  const habits = habitsOf(draft);
  const candidate = {
    format: 'barythm-profile',
    formatVersion: 1,
    id: draft.id.trim(),
    version: /^\d+$/.test(draft.version.trim()) ? Number(draft.version) : NaN,
    name: draft.name.trim(),
    about: draft.about.trim(),
    family: draft.family,
    groups: linesOf(draft.groups).map((parts) => readGroup(parts, errors)),
    parameters: draft.parameters.map((texts, i) =>
      readParameter(texts, `parameters.${i}`, draft.family, errors),
    ),
    behaviours: form.understand(habits, (path, words) => {
      errors[`behaviours.${path}`] ??= words;
    }),
  };
  const parsed = profileSchema.safeParse(candidate);
  if (!parsed.success) {
    for (const issue of parsed.error.issues)
      errors[placeOf(issue.path, form, habits)] ??= wordsOf(issue, form);
  }
  const profile = parsed.success && Object.keys(errors).length === 0 ? parsed.data : null;
  return { profile, errors };
}

const PLAIN: Readonly<Record<string, string>> = {
  id: 'Lower-case letters, digits and dashes, beginning with a letter.',
  version: 'A whole number from 1 up.',
  name: 'The profile needs a name.',
  groups: 'At least one group: key | label.',
  parameters: 'At least one parameter.',
};

function wordsOf(
  issue: { code: string; path: PropertyKey[]; message: string },
  form: Pick<Form<never>, 'wordsFor'>,
): string {
  const [first, , field] = issue.path.map(String);
  if (first === 'behaviours') {
    const own = form.wordsFor(issue.code);
    if (own !== null) return own;
  }
  if (issue.path.length === 1 && PLAIN[first]) return PLAIN[first];
  const text = field === 'label' || field === 'storedBy' || field === 'group';
  if (text && issue.code === 'too_small') return 'This is needed.';
  return issue.message;
}

/** Where in the form a path of the schema is typed. */
function placeOf(path: PropertyKey[], form: Pick<Form<never>, 'typedAt'>, habits: Texts): string {
  const [first, second, third] = path.map(String);
  if (first === 'parameters' && second !== undefined) return `parameters.${second}.${third ?? 'key'}`;
  if (first === 'behaviours')
    return `behaviours.${form.typedAt(path.slice(1).map(String).join('.'), habits)}`;
  return first;
}
