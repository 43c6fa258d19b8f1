import { z } from 'zod';
import { peeled } from './described';
import { kindsIn } from './fields-of';
import { under } from './texts';

/**
 * What is filled in of a form, as far as it is: a group may lack any of its answers, and what is there is as its schema wants it. What may
 * be left empty, and is, is not known, or not there, as in a form that is filled in wholly.
 */
export type Answers = { readonly [key: string]: unknown };

/** Thrown where a computation comes to what nobody has answered: what it would lead to waits for that. */
export class Unanswered extends Error {
  constructor(
    /** where it is asked, `index.head_m` */
    readonly path: string,
  ) {
    super(`Nobody has answered ${path} yet.`);
    this.name = 'Unanswered';
  }
}

/** What a computation comes to; or what it waits for, where it needs what nobody has answered. Any other error is thrown on. */
export function attempt<T>(work: () => T): T | Unanswered {
  try {
    return work();
  } catch (error) {
    if (error instanceof Unanswered) return error;
    throw error;
  }
}

type Shape = Readonly<Record<string, z.core.$ZodType>>;
type Given = Readonly<Record<string, unknown>>;

const isGroup = (value: unknown): value is Given =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What a group asks for, by what is answered of it: of several kinds the one that was chosen; only which one it is, while nobody chose. */
function shapeOf(schema: z.core.$ZodType, given: Given): Shape | null {
  if (schema instanceof z.ZodObject) return schema.shape as Shape;
  if (!(schema instanceof z.ZodDiscriminatedUnion)) return null;
  const by = schema.def.discriminator;
  const kind = kindsIn(schema).find(({ value }) => value === given[by]);
  if (kind) return kind.option.shape as Shape;
  const [any] = kindsIn(schema);
  return { [by]: any.option.shape[by] };
}

/** True where a schema asks for several things, each of which can be answered by itself. */
const isAsked = (schema: z.core.$ZodType) =>
  schema instanceof z.ZodObject || schema instanceof z.ZodDiscriminatedUnion;

/** What of some values is an answer to what a schema asks: what it does not ask for, or would refuse, is left out. */
export function answersIn(schema: z.core.$ZodType, values: unknown): Answers {
  if (!isGroup(values)) return {};
  const out: Record<string, unknown> = {};
  for (const [key, child] of Object.entries(shapeOf(schema, values) ?? {})) {
    const value = values[key];
    if (value === undefined || value === null) continue;
    const { schema: inner } = peeled(child);
    if (!isAsked(inner)) {
      if ((child as z.ZodType).safeParse(value).success) out[key] = value;
      continue;
    }
    const answers = answersIn(inner, value);
    if (Object.keys(answers).length > 0) out[key] = answers;
  }
  return out;
}

/**
 * Answers in the place of the whole: a computation reads them as if all were there, and throws `Unanswered` at the first that is not. What
 * may be left empty is read as left empty. A copy with others over it is made by `answeredWith`: spread, it would lose that.
 */
export function asWhole<T extends object>(schema: z.core.$ZodType, answers: Answers, path = ''): T {
  const shape = shapeOf(schema, answers) ?? {};
  const read = (key: string): unknown => {
    const at = under(path, key);
    const child = shape[key];
    const value = answers[key];
    if (!child) {
      // of several kinds none is chosen yet: what belongs to one of them waits for which it is
      const [only] = Object.keys(shape);
      if (schema instanceof z.ZodDiscriminatedUnion && !(only in answers))
        throw new Unanswered(under(path, only));
      return value;
    }
    const { schema: inner, blank } = peeled(child);
    if (isGroup(value) && isAsked(inner)) return asWhole(inner, value, at);
    if (value !== undefined && value !== null) return value;
    if (blank === 'null') return null;
    if (blank === 'left-out') return undefined;
    if (isAsked(inner)) return asWhole(inner, {}, at);
    throw new Unanswered(at);
  };
  const known = new Map<string, unknown>();
  const whole = new Proxy<Record<string, unknown>>(
    { ...answers },
    {
      get: (_, key) => {
        if (typeof key !== 'string') return undefined;
        if (!known.has(key)) known.set(key, read(key));
        return known.get(key);
      },
      has: (_, key) => typeof key === 'string' && (key in shape || key in answers),
      // who takes all of it needs all of it
      ownKeys: () => {
        for (const key of Object.keys(shape)) needs(read(key));
        return Object.keys(answers);
      },
    },
  );
  MADE.set(whole, { schema, answers, path });
  return whole as unknown as T;
}

/** Throws where something of a group is not answered. */
function needs(value: unknown): void {
  if (isGroup(value) && MADE.has(value)) Object.keys(value);
}

const MADE = new WeakMap<object, { schema: z.core.$ZodType; answers: Answers; path: string }>();

/** True for answers that stand in the place of the whole. */
export function isInParts(value: object): boolean {
  return MADE.has(value);
}

/** A copy with what is given for what is left out; of answers in the place of a whole as of any other. */
export function answeredOver<T extends object, D extends Partial<T>>(given: D, value: T): T & D {
  const made = MADE.get(value);
  return made
    ? asWhole<T & D>(made.schema, { ...given, ...made.answers }, made.path)
    : { ...given, ...value };
}

/** A copy with some of it otherwise; of answers in the place of a whole as of any other. */
export function answeredWith<T extends object>(value: T, other: Partial<T>): T {
  const made = MADE.get(value);
  return made ? asWhole<T>(made.schema, { ...made.answers, ...other }, made.path) : { ...value, ...other };
}

/** The answer at a path; undefined where there is none. */
export function answerAt(answers: Answers, path: string): unknown {
  return path.split('.').reduce<unknown>((at, key) => (isGroup(at) ? at[key] : undefined), answers);
}

/** Of some answers those at some paths. */
export function answersAt(answers: Answers, paths: readonly string[]): Answers {
  return paths.reduce<Answers>((kept, path) => {
    const value = answerAt(answers, path);
    return value === undefined ? kept : answersOver(kept, nested(path.split('.'), value));
  }, {});
}

function nested([key, ...rest]: readonly string[], value: unknown): Answers {
  return { [key]: rest.length === 0 ? value : nested(rest, value) };
}

/** Answers over others: each by itself, whatever group it stands in. */
export function answersOver(base: Answers, over: Answers): Answers {
  const out: Record<string, unknown> = { ...base };
  for (const [key, value] of Object.entries(over)) {
    const before = out[key];
    out[key] = isGroup(value) && isGroup(before) ? answersOver(before, value) : value;
  }
  return out;
}

/** The first path at which something stands that is no answer to what a schema asks; null where all of it is. */
export function notAnAnswer(schema: z.core.$ZodType, answers: Answers): string | null {
  const kept = answersIn(schema, answers);
  return differs(answers, kept, '');
}

function differs(given: Given, kept: Given, at: string): string | null {
  for (const [key, value] of Object.entries(given)) {
    const path = under(at, key);
    const inner = kept[key];
    if (isGroup(value) && (inner === undefined || isGroup(inner))) {
      // a group of which nothing is kept is wrong in what it holds
      const wrong = differs(value, inner ?? {}, path);
      if (wrong !== null) return wrong;
    }
    if (inner === undefined) return path;
  }
  return null;
}

/** Where something is answered, by path: of a group each answer by itself, of a list the whole. */
export function answeredPaths(answers: Answers, at = ''): string[] {
  return Object.entries(answers).flatMap(([key, value]) => {
    const path = under(at, key);
    return isGroup(value) ? answeredPaths(value, path) : [path];
  });
}
