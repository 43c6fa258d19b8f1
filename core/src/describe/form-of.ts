import { z } from 'zod';
import { peeled } from './described';
import type { Field } from './field';
import { together } from './fields';
import { fieldsOf, kindsIn } from './fields-of';
import { makeForm, type Form, type FormDescription, type Part } from './form';
import { Saying } from './saying';

/** The paths of what a form can ask for, as `pump.curve`. */
export type PathIn<T> = T extends readonly unknown[]
  ? never
  : T extends object
    ? { [K in keyof T & string]: K | `${K}.${PathIn<NonNullable<T[K]>>}` }[keyof T & string]
    : never;

interface PartOf<T> extends Pick<Part, 'name' | 'title' | 'fault'> {
  /** what it asks for, in the order of work; fields of its own where a schema cannot say how */
  readonly asks: readonly (PathIn<T> | Field)[];
  /** the part in a line, folded and on the pump's page */
  readonly says: (say: Saying<PathIn<T>>) => string;
}
interface FormOf<T> extends Omit<FormDescription<T>, 'parts' | 'schema'> {
  readonly parts: readonly PartOf<T>[];
}

/**
 * A form of a described schema: its parts name what they ask for, all else stands in the schema. Throws at once where a part asks for
 * what is not there, and where nobody said how to ask for it.
 *
 * @example
 * const form = formOf(z.object({ vessel }), {
 *   parts: [{ name: 'vessel', title: 'Vessel', asks: ['vessel'], says: (say) => `${say.of('vessel.area_m2')}.` }],
 *   start: {},
 * });
 */
export function formOf<T extends object>(schema: z.ZodObject & z.ZodType<T>, form: FormOf<T>): Form<T> {
  const said = new Map<string, ReturnType<typeof peeled>>();
  listed(schema, '', said);
  const parts = form.parts.map(({ asks, says, ...part }): Part => {
    const fields = gathered(schema, asks);
    return { ...part, fields, says: (look) => says(new Saying(look, said)) };
  });
  const constants = constantsOf(schema);
  const { finish } = form;
  return makeForm({
    ...form,
    parts,
    schema,
    finish: (read, texts) => ({ ...(finish ? finish(read, texts) : read), ...constants }),
  });
}

/**
 * A form of one record: all that it holds, or what is named, in that order.
 *
 * @param always what is kept and never asked
 */
export function recordForm<T extends object>(
  schema: z.ZodObject & z.ZodType<T>,
  {
    asks,
    start = {},
    always = {},
  }: { asks?: readonly (PathIn<T> | Field)[]; start?: object; always?: Partial<T> } = {},
): Form<T> {
  const said = new Set<string>(Object.keys(constantsOf(schema)));
  const all = Object.keys(schema.shape).filter((key) => !said.has(key));
  const place: Part = {
    name: 'record',
    title: '',
    says: () => '',
    fields: gathered(schema, asks ?? all),
  };
  return makeForm({
    parts: [place],
    schema,
    start,
    finish: (read) => ({ ...always, ...read, ...constantsOf(schema) }),
  });
}

/** What of a schema is always the same. */
function constantsOf(schema: z.ZodObject): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(schema.shape).flatMap(([key, one]) =>
      one instanceof z.ZodLiteral ? [[key, one.value]] : [],
    ),
  );
}

/** What is said of every path. */
function listed(schema: z.core.$ZodType, path: string, into: Map<string, ReturnType<typeof peeled>>): void {
  const peel = peeled(schema);
  if (path !== '' && !into.has(path)) into.set(path, peel);
  const united = peel.schema instanceof z.ZodDiscriminatedUnion ? peel.schema : null;
  if (united)
    into.set(`${path}.${united.def.discriminator}`, { ...peel, said: { options: kindsIn(united) } });
  const groups = united ? united.options : [peel.schema];
  for (const one of groups)
    if (one instanceof z.ZodObject)
      for (const [key, inner] of Object.entries(one.shape))
        listed(inner, path === '' ? key : `${path}.${key}`, into);
}

/** The fields at some paths, those of one group together. */
function gathered(schema: z.ZodObject, asks: readonly (string | Field)[]): Field[] {
  const out: Field[] = [];
  for (let i = 0; i < asks.length;) {
    const ask = asks[i];
    if (typeof ask !== 'string') {
      out.push(ask);
      i += 1;
      continue;
    }
    const head = headOf(ask);
    let end = i + 1;
    for (; end < asks.length; end += 1) {
      const next = asks[end];
      if (typeof next !== 'string' || (head === null ? headOf(next) !== null : headOf(next) !== head)) break;
    }
    const run = asks.slice(i, end).filter((one) => typeof one === 'string');
    if (head === null) out.push(...fieldsOf(schema, known(schema, run)));
    else {
      const inner = peeled(schema.shape[known(schema, [head])[0]]).schema;
      if (!(inner instanceof z.ZodObject)) throw new Error(`${head} is no group.`);
      const rest = run.map((one) => one.slice(head.length + 1));
      out.push(together(head, gathered(inner, rest)));
    }
    i = end;
  }
  return out;
}

/** The group that a path begins with; null for what stands in none. */
function headOf(path: string): string | null {
  const dot = path.indexOf('.');
  return dot < 0 ? null : path.slice(0, dot);
}
function known(schema: z.ZodObject, keys: readonly string[]): readonly string[] {
  for (const key of keys)
    if (!(key in schema.shape)) throw new Error(`A form asks for ${key}: there is none.`);
  return keys;
}
