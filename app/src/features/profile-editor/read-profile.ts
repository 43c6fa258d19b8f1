import {
  fieldsPlace,
  inPlainWords,
  textAt,
  type Form,
  type PathErrors,
  type SchemaFault,
  type Texts,
} from '@barythm/core/describe';
import { familyOf, profileSchema, type AnyProfile } from '@barythm/core/families';
import { GROUP_FIELDS } from './group-fields';
import { readMenu, readPages, readPanels } from './menu-fields';
import { habitsOf, idOf, type ProfileDraft } from './profile-draft';
import { publishedIn, readParameter } from './read-parameter';

const GROUPS = fieldsPlace(GROUP_FIELDS);

/** Reads the texts as a profile; what is wrong is said at the place where it was typed. */
export function profileOf(draft: ProfileDraft): { profile: AnyProfile | null; errors: PathErrors } {
  const errors: Record<string, string> = {};
  const tell = (path: string, words: string) => {
    errors[path] ??= words;
  };
  const form = familyOf(draft.family).forms.behaviours;
  const habits = habitsOf(draft);
  const names = publishedIn(draft.groups, draft.parameters, draft.panels);
  const { groups } = GROUPS.read({ groups: draft.groups }, '', tell) as {
    groups: { key: string; repeat?: { names: string[]; by?: string } }[];
  };
  /** The setting that says how many places a group has, by its published name. */
  const counted = (by: string | undefined, i: number) => {
    const name = by === undefined ? undefined : names.parameters.get(by);
    if (by !== undefined && name === undefined)
      tell(`groups.${i}.repeat.by`, 'That setting is gone. Choose again.');
    return name;
  };
  const candidate = {
    format: 'barythm-profile',
    formatVersion: 1,
    id: idOf(draft),
    version: draft.version,
    name: draft.name.trim(),
    about: draft.about.trim(),
    family: draft.family,
    groups: groups.map(({ key, repeat, ...group }, i) => ({
      ...group,
      key: names.groups.get(key) ?? key,
      ...(repeat && { repeat: withoutNoNames(repeat, counted(repeat.by, i)) }),
    })),
    parameters: draft.parameters.map((texts, i) =>
      readParameter(draft.family, texts, `parameters.${i}`, names, tell),
    ),
    ...menuOf(draft, tell),
    ...readPages(draft.pages ?? [], tell),
    ...readPanels(draft.panels ?? [], names.panels, tell),
    behaviours: form.understand(habits, (path, words) => tell(`behaviours.${path}`, words)),
  };
  const typeOf = (i: string) => String(textAt(draft.parameters[Number(i)], 'type') ?? '');
  const parsed = profileSchema.safeParse(candidate);
  if (!parsed.success) for (const issue of parsed.error.issues) said(issue, form, habits, errors, typeOf);
  const profile = parsed.success && Object.keys(errors).length === 0 ? parsed.data : null;
  return { profile, errors };
}

/** A menu that is described; nothing where it is not. */
function menuOf({ menu = {} }: ProfileDraft, tell: (path: string, words: string) => void): object {
  const read = readMenu(menu, tell);
  return read === undefined ? {} : { menu: read };
}

function withoutNoNames({ names, by: _, ...repeat }: { names: string[]; by?: string }, by?: string): object {
  return { ...repeat, ...(names.length > 0 && { names }), ...(by !== undefined && { by }) };
}

const PLAIN: Readonly<Record<string, string>> = {
  id: 'The profile needs a name.',
  name: 'The profile needs a name.',
  groups: 'At least one menu.',
  parameters: 'At least one parameter.',
};

type Issue = SchemaFault & { readonly code: string; readonly path: PropertyKey[] };

/** One fault of the schema, at the place where it was typed; what could not be read there has been told already. */
function said(
  issue: Issue,
  form: Pick<Form<never>, 'wordsFor' | 'typedAt'>,
  habits: Texts,
  errors: Record<string, string>,
  typeOf: (parameter: string) => string,
): void {
  const [first, second, third] = issue.path.map(String);
  if (first === 'behaviours') {
    const path = `behaviours.${form.typedAt(issue.path.slice(1).map(String).join('.'), habits)}`;
    errors[path] ??= form.wordsFor(issue.code) ?? inPlainWords(issue);
    return;
  }
  const place =
    first === 'id'
      ? 'name'
      : first === 'parameters' && third === undefined && second !== undefined
        ? `parameters.${second}.label`
        : third === 'default' && typeOf(second) === 'choice'
          ? // of a choice it is one of its choices
            `parameters.${second}.defaultOption`
          : issue.path.map(String).join('.');
  const told = Object.keys(errors).some((path) => path === place || path.startsWith(`${place}.`));
  if (told) return;
  errors[place] = (issue.path.length === 1 && PLAIN[first]) || inPlainWords(issue);
}
