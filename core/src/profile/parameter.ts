import { z } from 'zod';
import { MOST } from './bounds';

const key = z.string().max(MOST.key);
const value = z.string().min(1).max(MOST.label);

/** A limit is a figure, or depends on the value of another parameter (a gear, a mode). */
export const limitSchema = z.union([z.number(), z.object({ by: key, values: z.record(value, z.number()) })]);
export type Limit = z.infer<typeof limitSchema>;

/** A closed predicate over the values of other parameters. */
export type Predicate =
  { parameter: string; in: string[] } | { all: Predicate[] } | { any: Predicate[] } | { not: Predicate };
export const predicateSchema: z.ZodType<Predicate> = z.lazy(() =>
  z.union([
    z.object({ parameter: key, in: z.array(value).min(1).max(MOST.options) }).strict(),
    z.object({ all: z.array(predicateSchema).min(1).max(MOST.conditions) }).strict(),
    z.object({ any: z.array(predicateSchema).min(1).max(MOST.conditions) }).strict(),
    z.object({ not: predicateSchema }).strict(),
  ]),
);

/** One press on the way to a parameter, from the home display. */
export const keyStepSchema = z
  .object({
    key: value,
    press: z.enum(['short', 'hold', 'turn']),
    /** presses; `place`: as many as the number of the place in a repeating group */
    times: z.union([z.int().min(1).max(99), z.literal('place')]).default(1),
    /** what the display shows afterwards; {place} stands for the number of the place */
    shows: z.string().max(MOST.label).optional(),
  })
  .strict();
export type KeyStep = z.infer<typeof keyStepSchema>;

/** The handful of ways in which controllers take values; each has its own slip. */
export const entryWaySchema = z.enum([
  'hold-and-step',
  'up-and-down',
  'digit-cursor',
  'wheel',
  'soft-keys',
  'open-and-store',
  'numbered',
  'guided',
  'switches',
  'knob',
  'mechanical',
]);
export type EntryWay = z.infer<typeof entryWaySchema>;

export const optionSchema = z.object({ value, label: value, role: key.optional() }).strict();

export const parameterSchema = z
  .object({
    key: key
      .regex(/^[a-zA-Z][\w.-]*$/, 'A key starts with a letter and has no spaces.')
      .refine((name) => !(name in {}), 'This word cannot be a key.'),
    /** the meaning, from the family's closed list; a parameter without one is recorded but not planned */
    role: key.optional(),
    label: value,
    group: key.min(1),
    /** a time is minutes from midnight, or one of the options (as “--:--”); days are digits, 1 for Monday, as `12345` */
    type: z.enum(['number', 'choice', 'time', 'days']),
    unit: z.string().max(MOST.key).optional(),
    least: limitSchema.optional(),
    greatest: limitSchema.optional(),
    step: z.number().positive().optional(),
    default: z.union([z.number(), z.string().max(MOST.label)]).optional(),
    options: z.array(optionSchema).max(MOST.options).optional(),
    changedBy: z.enum(['anyone', 'technician', 'maker']),
    /** at power-up: in a menu that stands open only for seconds after the supply is switched on */
    enterWhen: z.enum(['any', 'stopped', 'waiting', 'running', 'isolated', 'power-up']),
    needsRestart: z.boolean(),
    entry: entryWaySchema,
    /** what stores the value, as an instruction */
    storedBy: z.string().min(1).max(MOST.text),
    route: z.array(keyStepSchema).max(MOST.steps),
    /** steps of the route after which its value is seen without being opened; all of them where left out */
    readAt: z.int().min(0).max(MOST.steps).optional(),
    appliesWhen: predicateSchema.optional(),
    /** other parameters that a change of this one puts back to what the controller thinks fit: they are entered again after it */
    rewrites: z.array(key).min(1).max(MOST.parameters).optional(),
    caution: z.string().max(MOST.text).optional(),
  })
  .strict()
  .superRefine((parameter, context) => {
    if (parameter.type === 'choice' && !parameter.options?.length) {
      context.addIssue({ code: 'custom', path: ['options'], message: 'A choice needs at least one option.' });
    }
    if (parameter.type === 'number' && parameter.unit === undefined) {
      context.addIssue({
        code: 'custom',
        path: ['unit'],
        message: 'A number needs a unit (use “-” for none).',
      });
    }
    if (parameter.readAt !== undefined && parameter.readAt > parameter.route.length) {
      context.addIssue({
        code: 'custom',
        path: ['readAt'],
        message: `Its way has ${parameter.route.length} steps: it cannot be seen after ${parameter.readAt}.`,
      });
    }
    const { least, greatest } = parameter;
    if (typeof least === 'number' && typeof greatest === 'number' && least > greatest) {
      context.addIssue({
        code: 'custom',
        path: ['least'],
        message: 'The minimum value is above the maximum.',
      });
    }
  });
export type Parameter = z.infer<typeof parameterSchema>;
