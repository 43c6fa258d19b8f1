import type { AnyProfile, FamilyName } from '@barythm/core/families';
import { familyOf } from '@barythm/core/families';
import { type Texts, textsOver } from '@barythm/core/describe';
import { groupLine } from './group-lines';
import { parameterTexts, type ParameterTexts } from './parameter-texts';

export interface ProfileDraft {
  readonly id: string;
  readonly version: string;
  readonly name: string;
  readonly about: string;
  readonly family: AnyProfile['family'];
  /** a line each: key | label, in the order of work; a repeating one: key | label | 10 × Program */
  readonly groups: string;
  readonly parameters: readonly ParameterTexts[];
  /** as they are typed, of each family that was looked at: another choice loses nothing */
  readonly habits: Readonly<Partial<Record<FamilyName, Texts>>>;
}

/** The habits of the family that is described, as they are typed so far. */
export function habitsOf({ family, habits }: ProfileDraft): Texts {
  const form = familyOf(family).forms.behaviours;
  const typed = habits[family];
  return typed === undefined ? form.blank : textsOver(form.blank, form.broughtUp(typed));
}

/** A draft that was kept on the device when each family’s habits had a field of their own. */
interface EarlierDraft extends Omit<ProfileDraft, 'habits'> {
  readonly behaviours: Texts;
  readonly poolBehaviours: Texts;
}

/** A kept draft in today’s form: what was typed before stays. */
export function broughtUp(kept: ProfileDraft | EarlierDraft): ProfileDraft {
  if ('habits' in kept) return kept;
  const { behaviours, poolBehaviours, ...rest } = kept;
  return { ...rest, habits: { metering: behaviours, pool: poolBehaviours } };
}

/** A profile as texts to go on from. */
export function draftOf(profile: AnyProfile): ProfileDraft {
  return {
    id: profile.id,
    version: String(profile.version),
    name: profile.name,
    about: profile.about,
    family: profile.family,
    groups: profile.groups.map(groupLine).join('\n'),
    parameters: profile.parameters.map(parameterTexts),
    habits: { [profile.family]: familyOf(profile.family).forms.behaviours.write(profile.behaviours) },
  };
}
