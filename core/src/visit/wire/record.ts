import { z } from 'zod';

/** What a record does to the job that it is written in: rules ask for that, and never list records. */
export interface Does {
  /** its work may leave the pump stopped, in hand or in test: it is seen in automatic after it, and the pump was worked on */
  readonly touches?: true;
  /** it is done with the hands in the pump: isolated and locked off */
  readonly handsIn?: true;
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

/** The kinds of record that do something, of those of a family. */
export function kindsThat(does: keyof Does, schemas: readonly z.ZodObject[]): readonly string[] {
  return schemas.flatMap((schema) => {
    const { kind } = schema.shape;
    return DOES.get(schema)?.[does] && kind instanceof z.ZodLiteral ? [String(kind.value)] : [];
  });
}
