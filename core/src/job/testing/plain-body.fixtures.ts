import { z } from 'zod';

/** For tests only: a body that a schema takes, as plain as can be. */
export function bodyOf(schema: z.core.$ZodType): unknown {
  if (schema instanceof z.ZodObject)
    return Object.fromEntries(
      Object.entries(schema.shape).flatMap(([key, inner]) =>
        inner instanceof z.ZodOptional ? [] : [[key, bodyOf(inner)]],
      ),
    );
  if (schema instanceof z.ZodNullable) return null;
  if (schema instanceof z.ZodLiteral) return schema.value;
  if (schema instanceof z.ZodEnum) return schema.options[0];
  if (schema instanceof z.ZodBoolean) return false;
  if (schema instanceof z.ZodString) return 'as it stands';
  if (schema instanceof z.ZodRecord) return {};
  if (schema instanceof z.ZodArray) return schema.safeParse([]).success ? [] : [bodyOf(schema.element)];
  if (schema instanceof z.ZodNumber) return 1;
  throw new Error(`No plain body for a ${schema._zod.def.type}.`);
}
