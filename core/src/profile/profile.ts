import { z } from 'zod';
import { meteringBehavioursSchema } from './metering-behaviours';
import { parameterSchema, predicateSchema, type Predicate } from './parameter';
import { poolBehavioursSchema } from './pool-behaviours';

export const PROFILE_FORMAT_VERSION = 1;

/** A group of parameters; one that repeats stands as often as the controller has places for it (programs, circuits). */
export const groupSchema = z
  .object({
    key: z.string().min(1),
    label: z.string().min(1),
    repeat: z
      .object({
        count: z.int().min(2, 'A group repeats twice at least.').max(99),
        /** what one of them is called, before its number */
        noun: z.string().min(1),
        /** names instead of numbers, where the controller has them */
        names: z.array(z.string().min(1)).optional(),
      })
      .strict()
      .optional(),
  })
  .strict();
export type ParameterGroup = z.infer<typeof groupSchema>;

const common = {
  format: z.literal('barythm-profile'),
  formatVersion: z.literal(PROFILE_FORMAT_VERSION),
  id: z.string().regex(/^[a-z][a-z0-9-]*$/, 'Lower-case letters, digits and dashes.'),
  version: z.int().min(1),
  name: z.string().min(1),
  about: z.string(),
  /** groups in the order of work */
  groups: z.array(groupSchema).min(1),
  parameters: z.array(parameterSchema).min(1),
};

/**
 * The description of one kind of controller. A published version never changes: a visit file embeds the one it
 * used and its hash.
 */
export const profileSchema = z
  .discriminatedUnion('family', [
    z.object({ ...common, family: z.literal('metering'), behaviours: meteringBehavioursSchema }).strict(),
    z.object({ ...common, family: z.literal('pool'), behaviours: poolBehavioursSchema }).strict(),
  ])
  .superRefine((profile, context) => {
    const keys = new Set<string>();
    const roles = new Set<string>();
    const groups = new Set(profile.groups.map((group) => group.key));
    const all = new Set(profile.parameters.map((parameter) => parameter.key));
    profile.groups.forEach(({ repeat }, i) => {
      if (repeat?.names && repeat.names.length !== repeat.count) {
        context.addIssue({
          code: 'custom',
          path: ['groups', i, 'repeat', 'names'],
          message: `Give ${repeat.count} names, or none.`,
        });
      }
    });
    profile.parameters.forEach((parameter, i) => {
      const complain = (field: string, message: string) =>
        context.addIssue({ code: 'custom', path: ['parameters', i, field], message });
      if (keys.has(parameter.key)) complain('key', `The key “${parameter.key}” stands twice.`);
      keys.add(parameter.key);
      if (parameter.role !== undefined) {
        if (roles.has(parameter.role)) complain('role', `The role “${parameter.role}” stands twice.`);
        roles.add(parameter.role);
      }
      if (!groups.has(parameter.group)) complain('group', `There is no group “${parameter.group}”.`);
      for (const limit of ['least', 'greatest'] as const) {
        const value = parameter[limit];
        if (typeof value === 'object' && !all.has(value.by)) {
          complain(limit, `There is no parameter “${value.by}”.`);
        }
      }
      if (parameter.appliesWhen) {
        for (const key of parametersIn(parameter.appliesWhen)) {
          if (!all.has(key)) complain('appliesWhen', `There is no parameter “${key}”.`);
        }
      }
    });
  });
export type Profile = z.infer<typeof profileSchema>;
export type MeteringProfile = Extract<Profile, { family: 'metering' }>;
export type PoolProfile = Extract<Profile, { family: 'pool' }>;

function parametersIn(predicate: Predicate): string[] {
  if ('parameter' in predicate) return [predicate.parameter];
  if ('all' in predicate) return predicate.all.flatMap(parametersIn);
  if ('any' in predicate) return predicate.any.flatMap(parametersIn);
  return parametersIn(predicate.not);
}

export { predicateSchema };
