import { z } from 'zod';

/** A limit is a figure, or depends on the value of another parameter (a gear, a mode). */
export const limitSchema = z.union([
  z.number(),
  z.object({ by: z.string(), values: z.record(z.string(), z.number()) }),
]);
export type Limit = z.infer<typeof limitSchema>;

/** A closed predicate over the values of other parameters. */
export type Predicate =
  { parameter: string; in: string[] } | { all: Predicate[] } | { any: Predicate[] } | { not: Predicate };
export const predicateSchema: z.ZodType<Predicate> = z.lazy(() =>
  z.union([
    z.object({ parameter: z.string(), in: z.array(z.string()).min(1) }).strict(),
    z.object({ all: z.array(predicateSchema).min(1) }).strict(),
    z.object({ any: z.array(predicateSchema).min(1) }).strict(),
    z.object({ not: predicateSchema }).strict(),
  ]),
);

/** One press on the way to a parameter, from the home display. */
export const keyStepSchema = z
  .object({
    key: z.string().min(1),
    press: z.enum(['short', 'hold', 'turn']),
    /** presses; `place`: as many as the number of the place in a repeating group */
    times: z.union([z.int().min(1).max(99), z.literal('place')]).default(1),
    /** what the display shows afterwards; {place} stands for the number of the place */
    shows: z.string().optional(),
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

export const optionSchema = z
  .object({ value: z.string().min(1), label: z.string().min(1), role: z.string().optional() })
  .strict();

export const parameterSchema = z
  .object({
    key: z.string().regex(/^[a-zA-Z][\w.-]*$/, 'A key starts with a letter and has no spaces.'),
    /** the meaning, from the family's closed list; a parameter without one is recorded but not planned */
    role: z.string().optional(),
    label: z.string().min(1),
    group: z.string().min(1),
    /** a time is minutes from midnight, or one of the options (as “--:--”); days are digits, 1 for Monday, as `12345` */
    type: z.enum(['number', 'choice', 'time', 'days']),
    unit: z.string().optional(),
    least: limitSchema.optional(),
    greatest: limitSchema.optional(),
    step: z.number().positive().optional(),
    default: z.union([z.number(), z.string()]).optional(),
    options: z.array(optionSchema).optional(),
    changedBy: z.enum(['anyone', 'technician', 'maker']),
    /** at power-up: in a menu that stands open only for seconds after the supply is switched on */
    enterWhen: z.enum(['any', 'stopped', 'waiting', 'running', 'isolated', 'power-up']),
    needsRestart: z.boolean(),
    entry: entryWaySchema,
    /** what stores the value, as an instruction */
    storedBy: z.string().min(1),
    route: z.array(keyStepSchema),
    appliesWhen: predicateSchema.optional(),
    /** other parameters that a change of this one puts back to what the controller thinks fit: they are entered again after it */
    rewrites: z.array(z.string()).min(1).optional(),
    caution: z.string().optional(),
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
    const { least, greatest } = parameter;
    if (typeof least === 'number' && typeof greatest === 'number' && least > greatest) {
      context.addIssue({
        code: 'custom',
        path: ['least'],
        message: 'The least value is above the greatest.',
      });
    }
  });
export type Parameter = z.infer<typeof parameterSchema>;
