import { z } from 'zod';

/** What a record does to the job that it is written in: rules ask for that, and never list records. */
export interface Does {
  /** its work may leave the pump stopped, in hand or in test: it is seen in automatic after it, and the pump was worked on */
  readonly touches?: true;
  /** it is done with the hands in the pump, isolated and locked off: always, or where the record says so */
  readonly handsIn?: true | ((body: Readonly<Record<string, unknown>>) => boolean);
}

const DOES = new WeakMap<z.core.$ZodType, Does>();

/**
 * The schema of a record: its kind, what it holds, and what it does to the job.
 *
 * @example
 * const purged = record('purged', { loops: z.array(z.string()), clear: z.boolean() }, { touches: true });
 */
export function record<const Kind extends string, Shape extends z.core.$ZodLooseShape>(
  kind: Kind,
  shape: Shape,
  does: Does = {},
): z.ZodObject<{ kind: z.ZodLiteral<Kind> } & Shape, z.core.$strict> {
  const schema = z.object({ kind: z.literal(kind), ...shape }).strict();
  DOES.set(schema, does);
  return schema;
}

/** Whether a record is of work with the hands in the pump, by the schemas of its family. */
export function isHandsIn(body: { readonly kind: string }, schemas: readonly z.ZodObject[]): boolean {
  const schema = schemas.find(
    ({ shape: { kind } }) => kind instanceof z.ZodLiteral && kind.value === body.kind,
  );
  const asked = schema && DOES.get(schema)?.handsIn;
  return typeof asked === 'function' ? asked({ ...body }) : asked === true;
}

/** The kinds of record that do something, of those of a family. */
export function kindsThat(does: keyof Does, schemas: readonly z.ZodObject[]): readonly string[] {
  return schemas.flatMap((schema) => {
    const { kind } = schema.shape;
    return DOES.get(schema)?.[does] && kind instanceof z.ZodLiteral ? [String(kind.value)] : [];
  });
}
