import { type Texts, textAt, textsOver } from '@barythm/core/describe';
import type { AnyProfile, FamilyName } from '@barythm/core/families';
import { familyOf } from '@barythm/core/families';
import { groupTexts } from './group-texts';
import { freshName, nameOf } from './names';
import { menuTexts, pageTexts, panelTexts } from './menu-fields';
import { parameterTexts } from './parameter-texts';

/** A profile as it is typed. What nobody types (its id, its version, names of rows) is kept with it. */
export interface ProfileDraft {
  /** blank for a new profile: it follows from its name */
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly about: string;
  readonly family: FamilyName;
  readonly groups: readonly Texts[];
  readonly parameters: readonly Texts[];
  /** how one gets about in its menu; a draft from before it was asked has none */
  readonly menu?: Texts;
  readonly pages?: readonly Texts[];
  /** where it is set, its own panel first; none where there is one alone */
  readonly panels?: readonly Texts[];
  /** as they are typed, of each family that was looked at: another choice loses nothing */
  readonly habits: Readonly<Partial<Record<FamilyName, Texts>>>;
}

/** The habits of the family that is described, as they are typed so far. */
export function habitsOf({ family, habits }: ProfileDraft): Texts {
  const form = familyOf(family).forms.behaviours;
  const typed = habits[family];
  return typed === undefined ? form.blank : textsOver(form.blank, form.broughtUp(typed));
}

/** What the profile will be known by: its own, or what follows from the name of a new one. */
export const idOf = ({ id, name }: Pick<ProfileDraft, 'id' | 'name'>): string =>
  id || nameOf(name) || (name.trim() === '' ? '' : 'own-profile');

/** Nothing typed yet, of a family: the menus that one mostly has. */
export function blankDraft(family: FamilyName): ProfileDraft {
  return {
    id: '',
    version: 1,
    name: '',
    about: '',
    family,
    groups: usualGroups(family),
    parameters: [],
    habits: {},
  };
}

export const usualGroups = (family: FamilyName): readonly Texts[] =>
  familyOf(family).forms.groups.map(groupTexts);

/** A profile as texts to go on from: its next version. */
export function draftOf(profile: AnyProfile): ProfileDraft {
  return {
    id: profile.id,
    version: profile.version,
    name: profile.name,
    about: profile.about,
    family: profile.family,
    groups: profile.groups.map(groupTexts),
    parameters: profile.parameters.map(parameterTexts),
    menu: menuTexts(profile.menu),
    pages: pageTexts(profile.pages),
    panels: panelTexts(profile.panels),
    habits: { [profile.family]: familyOf(profile.family).forms.behaviours.write(profile.behaviours) },
  };
}

/** The same as a new profile of its own, to be given another name. */
export const copyOf = (profile: AnyProfile): ProfileDraft => ({
  ...draftOf(profile),
  id: '',
  version: 1,
  name: '',
});

/** A parameter with nothing typed; with `like`, reached and entered as another one is. */
export function blankParameter(draft: Pick<ProfileDraft, 'groups'>, like?: Texts): Texts {
  const blank = { ...(BLANK as object), key: freshName() };
  const only: Record<string, Texts> =
    draft.groups.length === 1 ? { group: textAt(draft.groups[0], 'key') ?? '' } : {};
  const same = SAME.flatMap((field) => {
    const text = like && textAt(like, field);
    return text === undefined ? [] : [[field, text]];
  });
  return { ...blank, ...only, ...(Object.fromEntries(same) as Record<string, Texts>) };
}

/** What settings of one menu mostly have in common. */
const SAME = ['group', 'changedBy', 'enterWhen', 'entry', 'storedBy', 'route', 'needsRestart'] as const;

const BLANK: Texts = {
  label: '',
  role: '',
  type: '',
  group: '',
  unit: '',
  limitBy: '',
  limits: [],
  options: [],
  default: '',
  defaultOption: '',
  route: [],
  readAt: '',
  storedBy: '',
  entry: '',
  enterWhen: '',
  changedBy: '',
  needsRestart: 'no',
  caution: '',
  page: '',
  appliesWhen: [],
  condition: '',
  rewrites: '',
};
