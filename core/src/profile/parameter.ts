import { z } from 'zod';
import { MOST } from './bounds';
import { dialSchema } from './dial';
import { alsoAtSchema } from './panel';
import { SEEN_WORDS, type SeenAs } from './seen';
import { DAYS } from '../time';

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
    /** how long it is held */
    seconds: z.int().min(1).max(60).optional(),
    /** a code digit by digit, each from 0: the key counts a digit up, `next` goes on to the one beside it */
    digits: z
      .string()
      .regex(/^\d{1,8}$/, 'A code has one to eight digits.')
      .optional(),
    next: value.optional(),
  })
  .strict()
  .superRefine(({ press, seconds, digits, next, times }, context) => {
    const complain = (field: string, message: string) =>
      context.addIssue({ code: 'custom', path: [field], message });
    if (seconds !== undefined && press !== 'hold')
      complain('seconds', 'Only a key that is held has seconds.');
    if (digits === undefined) {
      if (next !== undefined) complain('next', 'Only a code goes on from digit to digit.');
      return;
    }
    if (press !== 'short' || times !== 1) complain('digits', 'A code is entered by single presses.');
    if (digits.length > 1 && next === undefined)
      complain('next', 'Say which key goes on to the next digit of the code.');
  });
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

/**
 * A choice. `also` says by its role what it settles besides its own meaning: the meaning of another setting’s choice, or a figure in the
 * program’s own unit, its own parameter’s too where that is a figure behind a code.
 */
export const optionSchema = z
  .object({
    value,
    label: value,
    role: key.optional(),
    also: z.record(key, z.union([key, z.number()])).optional(),
  })
  .strict();
export type ParameterOption = z.infer<typeof optionSchema>;

/** What has to be done before a setting opens, beside its keys. */
export const opensBySchema = z.discriminatedUnion('by', [
  /** a link between terminals, which comes out again */
  z.object({ by: z.literal('wiring'), connect: z.string().min(1).max(MOST.text) }).strict(),
  /** its keys are pressed while this stands on the display, after the supply was switched on */
  z.object({ by: z.literal('word'), shows: value, within_s: z.int().min(1).max(600).optional() }).strict(),
]);
export type OpensBy = z.infer<typeof opensBySchema>;

export const parameterSchema = z
  .object({
    key: key
      .regex(/^[a-zA-Z][\w.-]*$/, 'A key starts with a letter and has no spaces.')
      .refine((name) => !(name in {}), 'This word cannot be a key.'),
    /** the meaning, from the family's closed list; a parameter without one is recorded but not planned */
    role: key.optional(),
    label: value,
    group: key.min(1),
    /**
     * a time is minutes from midnight, or one of the options (as “--:--”); days are digits, 1 for Monday, as `12345`: any, or where it has
     * options those alone; a text is what somebody named
     */
    type: z.enum(['number', 'choice', 'time', 'days', 'text']),
    /** signs that the display has for a text */
    longest: z.int().min(1).max(MOST.label).optional(),
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
    /** page of the maker's manual that describes it */
    page: z.string().min(1).max(MOST.label).optional(),
    route: z.array(keyStepSchema).max(MOST.steps),
    /** steps of the route after which its value is seen without being opened; all of them where left out */
    readAt: z.int().min(0).max(MOST.steps).optional(),
    appliesWhen: predicateSchema.optional(),
    /** other parameters that a change of this one puts back to what the controller thinks fit: they are entered again after it */
    rewrites: z.array(key).min(1).max(MOST.parameters).optional(),
    caution: z.string().max(MOST.text).optional(),
    /** only looked at, and never set: a lamp, a page of information, a counter */
    seen: z.enum(Object.keys(SEEN_WORDS) as [SeenAs, ...SeenAs[]]).optional(),
    /** what it must show with other settings; the first that is so counts, and where none is nothing is expected */
    expects: z
      .array(z.object({ value, when: predicateSchema }).strict())
      .min(1)
      .max(20)
      .optional(),
    /** it counts, stands in the controller and cannot be set: its default is its value */
    fixed: z.literal(true).optional(),
    /** how the keys change it, where they can be counted */
    dial: dialSchema.optional(),
    opensBy: opensBySchema.optional(),
    /** the panel that its route is at; the first where left out */
    panel: key.optional(),
    /** other panels at which it is set too */
    alsoAt: z.array(alsoAtSchema).min(1).max(5).optional(),
    /** what the controller learns anew once it is changed, and how long that takes */
    relearns: z
      .object({ what: z.string().min(1).max(MOST.text), hours: z.number().positive().max(8760).optional() })
      .strict()
      .optional(),
  })
  .strict()
  .superRefine((parameter, context) => {
    complainOfKind(parameter, (field, message) =>
      context.addIssue({ code: 'custom', path: [field], message }),
    );
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

interface OfAnyKind {
  readonly role?: string;
  readonly type: 'number' | 'choice' | 'time' | 'days' | 'text';
  readonly longest?: number;
  readonly options?: readonly ParameterOption[];
  readonly default?: number | string;
  readonly least?: Limit;
  readonly greatest?: Limit;
  readonly seen?: SeenAs;
  readonly expects?: readonly { readonly value: string }[];
  readonly fixed?: true;
  readonly dial?: unknown;
}

/** What a parameter of its kind cannot be. */
function complainOfKind(parameter: OfAnyKind, complain: (field: string, message: string) => void): void {
  const { type, role, options = [], fixed, seen, expects } = parameter;
  const delivered = parameter.default;
  if (type === 'text' && parameter.longest === undefined)
    complain('longest', 'Say how many signs of a text the display has.');
  if (type !== 'text' && parameter.longest !== undefined)
    complain('longest', 'Only a text has a number of signs.');
  if (type === 'days' && options.some(({ value: days }) => !DAYS.test(days)))
    complain('options', 'A group of days is its days as digits, 1 for Monday, as 12345.');
  if (role !== undefined && options.some(({ also }) => typeof also?.[role] === 'string'))
    complain('options', 'The meaning of the choice itself belongs to the choice, not beside it.');
  if (seen !== undefined && fixed) complain('fixed', 'What is only looked at is no setting.');
  if (seen !== undefined && parameter.dial !== undefined)
    complain('dial', 'What is only looked at is not changed by keys.');
  if (expects !== undefined && (seen === undefined || type !== 'choice'))
    complain('expects', 'Only a lamp or sign of several looks can be expected to show one.');
  expects?.forEach((one) => {
    if (!options.some((option) => option.value === one.value))
      complain('expects', `There is no look “${one.value}”.`);
  });
  // a choice of none is told already
  if (!fixed || (type === 'choice' && options.length === 0)) return;
  if (delivered === undefined) complain('default', 'Say what it is fixed at.');
  const only = type === 'choice' ? options.length === 1 && options[0].value === delivered : true;
  const held = type === 'number' ? parameter.least === delivered && parameter.greatest === delivered : true;
  if (!only) complain('options', 'What is fixed has one choice, the one that it is fixed at.');
  if (!held) complain('least', 'What is fixed has its own value for minimum and maximum.');
}
