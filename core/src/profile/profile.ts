import { z } from 'zod';
import type { CommonBehaviours } from './controller';
import { MOST } from './bounds';
import { complainOfMenu, menuSchema, type MenuHabits } from './menu';
import { pageSchema, type Page } from './page';
import { panelSchema, type Panel } from './panel';
import { parameterSchema, predicateSchema, type Parameter, type Predicate } from './parameter';

export const PROFILE_FORMAT_VERSION = 1;

/** A group of parameters; one that repeats stands as often as the controller has places for it (programs, circuits). */
export const groupSchema = z
  .object({
    key: z
      .string()
      .regex(/^[\w.-]+$/, 'A key has letters, digits, dots and dashes.')
      .max(MOST.key),
    label: z.string().min(1).max(MOST.label),
    repeat: z
      .object({
        count: z.int().min(2, 'A group repeats twice at least.').max(99),
        /** what one of them is called, before its number */
        noun: z.string().min(1).max(MOST.label),
        /** names instead of numbers, where the controller has them */
        names: z.array(z.string().min(1).max(MOST.label)).max(99).optional(),
        /** the setting that says how many of them there are; those past it do nothing */
        by: z.string().max(MOST.key).optional(),
      })
      .strict()
      .optional(),
  })
  .strict();
export type ParameterGroup = z.infer<typeof groupSchema>;

/** What every kind of profile has beside its family’s own behaviours. */
const common = {
  format: z.literal('barythm-profile'),
  formatVersion: z.literal(PROFILE_FORMAT_VERSION),
  id: z
    .string()
    .regex(/^[a-z][a-z0-9-]*$/, 'Lower-case letters, digits and dashes.')
    .max(64),
  version: z.int().min(1),
  name: z.string().min(1).max(MOST.name),
  about: z.string().max(MOST.text),
  /** groups in the order of work */
  groups: z.array(groupSchema).min(1).max(MOST.groups),
  parameters: z.array(parameterSchema).min(1).max(MOST.parameters),
  /** how one gets about in its menu; left out where nobody described it */
  menu: menuSchema.optional(),
  /** pages that are looked at and keys that do something, beside its settings; left out where nobody described any */
  pages: z.array(pageSchema).min(1).max(20).optional(),
  /** where it is set, its own panel first; left out where there is one panel alone */
  panels: z.array(panelSchema).min(2, 'One panel alone needs no name.').max(6).optional(),
};

/**
 * The description of one kind of controller. A published version never changes: a visit file embeds the one it
 * used and its hash.
 */
export interface Profile {
  readonly format: 'barythm-profile';
  readonly formatVersion: typeof PROFILE_FORMAT_VERSION;
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly about: string;
  readonly groups: readonly ParameterGroup[];
  readonly parameters: readonly Parameter[];
  readonly menu?: MenuHabits;
  readonly pages?: readonly Page[];
  readonly panels?: readonly Panel[];
  readonly family: string;
  readonly behaviours: CommonBehaviours;
}

/** A profile of the family that these behaviours are of. */
export interface ProfileOf<Behaviours extends CommonBehaviours> extends Profile {
  readonly family: Behaviours['family'];
  readonly behaviours: Behaviours;
}

/** The schema of one family’s profiles. */
export function profileObject<Name extends string, Behaviours extends z.ZodType<CommonBehaviours>>(
  family: Name,
  behaviours: Behaviours,
) {
  return z.object({ ...common, family: z.literal(family), behaviours }).strict();
}

/** What a profile must keep to beyond the shape of its parts: keys once, roles once, references that lead somewhere. */
export function complainOfProfile(profile: Profile, context: z.RefinementCtx): void {
  const keys = new Set<string>();
  const roles = new Set<string>();
  const groups = new Set<string>();
  let places = 0;
  const all = new Set(profile.parameters.map((parameter) => parameter.key));
  profile.groups.forEach(({ key, repeat }, i) => {
    if (groups.has(key))
      context.addIssue({
        code: 'custom',
        path: ['groups', i, 'key'],
        message: `The group “${key}” stands twice.`,
      });
    groups.add(key);
    places += profile.parameters.filter(({ group }) => group === key).length * (repeat?.count ?? 1);
    const counts = profile.parameters.find((one) => one.key === repeat?.by);
    if (repeat?.by !== undefined && (counts?.type !== 'number' || counts.group === key))
      context.addIssue({
        code: 'custom',
        path: ['groups', i, 'repeat', 'by'],
        message: 'Choose a figure of another menu: how many of them there are.',
      });
    if (repeat?.names && repeat.names.length !== repeat.count) {
      context.addIssue({
        code: 'custom',
        path: ['groups', i, 'repeat', 'names'],
        message: `Give ${repeat.count} names, or none.`,
      });
    }
  });
  if (places > MOST.places)
    context.addIssue({
      code: 'custom',
      path: ['parameters'],
      message: `${places} settings with all places of its groups; a profile holds up to ${MOST.places}.`,
    });
  const circle = conditionsInCircle(profile);
  if (circle !== null)
    context.addIssue({
      code: 'custom',
      path: ['parameters', profile.parameters.findIndex(({ key }) => key === circle), 'appliesWhen'],
      message: `Whether “${labelOf(profile, circle)}” applies hangs on itself.`,
    });
  profile.panels?.forEach(({ key }, i) => {
    if (profile.panels?.findIndex((other) => other.key === key) !== i)
      context.addIssue({
        code: 'custom',
        path: ['panels', i, 'key'],
        message: `The panel “${key}” stands twice.`,
      });
  });
  profile.pages?.forEach(({ of }, i) => {
    if (profile.pages?.findIndex((other) => other.of === of) !== i)
      context.addIssue({ code: 'custom', path: ['pages', i, 'of'], message: 'This page stands twice.' });
  });
  if (profile.menu)
    complainOfMenu(profile.menu, (path, message) =>
      context.addIssue({ code: 'custom', path: ['menu', ...path], message }),
    );
  profile.parameters.forEach((parameter, i) => {
    const complain = (field: string, message: string) =>
      context.addIssue({ code: 'custom', path: ['parameters', i, field], message });
    if (keys.has(parameter.key)) complain('key', `The key “${parameter.key}” stands twice.`);
    keys.add(parameter.key);
    for (const role of rolesIn(parameter)) {
      if (roles.has(role)) complain('role', 'This meaning stands twice.');
      roles.add(role);
    }
    complainOfPanels(profile, parameter, complain);
    if (!groups.has(parameter.group)) complain('group', `There is no group “${parameter.group}”.`);
    for (const limit of ['least', 'greatest'] as const) {
      const value = parameter[limit];
      if (typeof value === 'object' && !all.has(value.by)) {
        complain(limit, `There is no parameter “${value.by}”.`);
      }
    }
    for (const key of parameter.rewrites ?? []) {
      if (key === parameter.key) complain('rewrites', 'A parameter does not rewrite itself.');
      else if (!all.has(key)) complain('rewrites', `There is no parameter “${key}”.`);
    }
    if (parameter.appliesWhen) {
      for (const key of parametersIn(parameter.appliesWhen)) {
        if (!all.has(key)) complain('appliesWhen', `There is no parameter “${key}”.`);
      }
    }
    for (const { when } of parameter.expects ?? [])
      for (const key of parametersIn(when))
        if (!all.has(key)) complain('expects', `There is no parameter “${key}”.`);
        else if (key === parameter.key) complain('expects', 'What it must show cannot hang on itself.');
  });
}

/** Every meaning that a parameter settles: its own, and those that its choices settle besides. */
export function rolesIn({ role, options = [] }: Pick<Parameter, 'role' | 'options'>): readonly string[] {
  const besides = options.flatMap(({ also }) => Object.keys(also ?? {}));
  return [...new Set([...(role === undefined ? [] : [role]), ...besides])];
}

/** Panels that a parameter names must be there, each once. */
function complainOfPanels(
  { panels = [] }: Profile,
  { panel, alsoAt = [] }: Parameter,
  complain: (field: string, message: string) => void,
): void {
  const known = panels.map(({ key }) => key);
  if (panel !== undefined && !known.includes(panel)) complain('panel', `There is no panel “${panel}”.`);
  const own = panel ?? known[0];
  alsoAt.forEach(({ panel: other }, i) => {
    if (!known.includes(other)) complain('alsoAt', `There is no panel “${other}”.`);
    else if (other === own || alsoAt.findIndex((one) => one.panel === other) !== i)
      complain('alsoAt', `The panel “${other}” stands twice.`);
  });
}

const labelOf = ({ parameters }: Profile, key: string) =>
  parameters.find((parameter) => parameter.key === key)?.label ?? key;

/** The key of a parameter whose own condition leads back to it; null where none does. */
function conditionsInCircle(profile: Profile): string | null {
  const asks = new Map(
    profile.parameters.map(({ key, group, appliesWhen }) => [
      key,
      [
        ...(appliesWhen ? parametersIn(appliesWhen) : []),
        ...(profile.groups.find((one) => one.key === group)?.repeat?.by ?? '').split(' ').filter(Boolean),
      ],
    ]),
  );
  const settled = new Set<string>();
  for (const start of asks.keys()) {
    const way: { key: string; at: number }[] = [{ key: start, at: 0 }];
    while (way.length > 0) {
      const here = way[way.length - 1];
      const next = (asks.get(here.key) ?? [])[here.at++];
      if (next === undefined) {
        settled.add(here.key);
        way.pop();
      } else if (way.some(({ key }) => key === next)) return next;
      else if (!settled.has(next)) way.push({ key: next, at: 0 });
    }
  }
  return null;
}

/** Keys of the settings that a condition looks at. */
export function parametersIn(predicate: Predicate): string[] {
  if ('parameter' in predicate) return [predicate.parameter];
  if ('all' in predicate) return predicate.all.flatMap(parametersIn);
  if ('any' in predicate) return predicate.any.flatMap(parametersIn);
  return parametersIn(predicate.not);
}

export { predicateSchema };
