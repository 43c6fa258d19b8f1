import { z } from 'zod';

/**
 * What a family says of its own on a hand-over: a closed vocabulary, so that a screen and a paper that never heard of the family paint
 * it alike. All words are frozen in the units of whoever handed over.
 */

const words = z.string().max(4000);
const key = z.string().regex(/^[a-z][a-z-]*$/);
const point = z.tuple([z.number(), z.number()]);

/** What stands on one side, from above to below. */
const itemSchema = z.discriminatedUnion('kind', [
  /** the figure that is looked for */
  z.object({ kind: z.literal('figure'), words, known: z.boolean() }).strict(),
  z.object({ kind: z.literal('line'), words }).strict(),
  /** said quietly */
  z.object({ kind: z.literal('note'), words }).strict(),
  z.object({ kind: z.literal('verdict'), words, good: z.boolean() }).strict(),
  /** the rhythm of a day */
  z
    .object({
      kind: z.literal('strip'),
      /** of several: which day it is */
      name: words.nullable(),
      rates: z.array(z.number()).max(1440),
      greatest: z.number(),
      unit: words,
      /** the same in words */
      says: words,
    })
    .strict(),
]);

const beforeAfterSchema = z
  .object({
    kind: z.literal('before-after'),
    key,
    title: words,
    /** what the change comes to; null where nothing can be said */
    headline: z.object({ figure: words, words, good: z.boolean() }).strict().nullable(),
    sides: z
      .array(z.object({ column: z.enum(['found', 'left']), items: z.array(itemSchema).max(40) }).strict())
      .max(2),
    note: words.nullable(),
  })
  .strict();

/** Lines over an axis, in its own figures. */
const chartSchema = z
  .object({
    kind: z.literal('chart'),
    key,
    title: words,
    x: z.object({ title: words, from: z.number(), to: z.number(), at: z.array(z.number()).max(30) }).strict(),
    y: z.object({ title: words, from: z.number(), to: z.number() }).strict(),
    lines: z
      .array(
        z
          .object({
            column: z.enum(['found', 'target', 'left']),
            points: z.array(point).max(2000),
            /** points that are set, marked with the column's sign */
            marks: z.array(point).max(40),
          })
          .strict(),
      )
      .max(6),
    /** what was measured */
    dots: z.array(z.object({ x: z.number(), y: z.number(), ok: z.boolean() }).strict()).max(2000),
    /** the same in words */
    says: words,
  })
  .strict();

const tableSchema = z
  .object({
    kind: z.literal('table'),
    key,
    title: words,
    columns: z.array(z.object({ name: words, share: z.number().positive() }).strict()).max(12),
    rows: z
      .array(z.object({ cells: z.array(words).max(12), tone: z.enum(['good', 'bad', 'quiet']) }).strict())
      .max(2000),
    note: words.nullable(),
  })
  .strict();

const rowsSchema = z
  .object({
    kind: z.literal('rows'),
    key,
    title: words.nullable(),
    rows: z.array(z.object({ words, note: words.nullable(), bad: z.boolean() }).strict()).max(2000),
  })
  .strict();

export const blockSchema = z.discriminatedUnion('kind', [
  beforeAfterSchema,
  chartSchema,
  tableSchema,
  rowsSchema,
]);
