import { z } from 'zod';
import { meteringBehavioursSchema } from './metering-behaviours';
import { parameterSchema, predicateSchema, type Predicate } from './parameter';

export const PROFILE_FORMAT_VERSION = 1;

/**
 * The description of one kind of controller. A published version never changes: a visit file embeds the one it
 * used and its hash.
 */
export const profileSchema = z
  .object({
    format: z.literal('barythm-profile'),
    formatVersion: z.literal(PROFILE_FORMAT_VERSION),
    id: z.string().regex(/^[a-z][a-z0-9-]*$/, 'Lower-case letters, digits and dashes.'),
    version: z.int().min(1),
    name: z.string().min(1),
    about: z.string(),
    family: z.literal('metering'),
    /** groups in the order of work */
    groups: z.array(z.object({ key: z.string().min(1), label: z.string().min(1) }).strict()).min(1),
    parameters: z.array(parameterSchema).min(1),
    behaviours: meteringBehavioursSchema,
  })
  .strict()
  .superRefine((profile, context) => {
    const keys = new Set<string>();
    const roles = new Set<string>();
    const groups = new Set(profile.groups.map((group) => group.key));
    const all = new Set(profile.parameters.map((parameter) => parameter.key));
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

function parametersIn(predicate: Predicate): string[] {
  if ('parameter' in predicate) return [predicate.parameter];
  if ('all' in predicate) return predicate.all.flatMap(parametersIn);
  if ('any' in predicate) return predicate.any.flatMap(parametersIn);
  return parametersIn(predicate.not);
}

export { predicateSchema };
