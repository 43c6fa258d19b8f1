import { z } from 'zod';
import { positive } from '../../parts/duty-figures';

export const strengthSchema = z.discriminatedUnion('stated', [
  z.object({ stated: z.literal('mass'), gpl: positive('The strength', 20_000) }).strict(),
  z
    .object({
      stated: z.literal('weight'),
      percent: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
      density_kgl: positive('The density', 25),
    })
    .strict(),
  z
    .object({
      stated: z.literal('volume'),
      percent: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
    })
    .strict(),
]);

export const siteDateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'A date is written 2026-05-31.');

export const dutyProductSchema = z
  .object({
    productId: z.string().max(64).optional(),
    name: z.string().min(1, 'The product needs a name.').max(200),
    strength: strengthSchema,
    /** what the strength is known from: null means the label only */
    measuredOn: siteDateSchema.nullable(),
    halfLife_days: positive('The half-life', 36_500).nullable(),
    density_kgl: positive('The density', 25),
    gassing: z.boolean(),
  })
  .strict();
export type DutyProduct = z.infer<typeof dutyProductSchema>;

/** A strength by weight with the density that it is reckoned by: asked once, and kept twice. */
export function withDensity(product: Record<string, unknown>) {
  const strength = (product.strength ?? {}) as Record<string, unknown>;
  if (strength.stated !== 'weight') return product;
  return { ...product, strength: { ...strength, density_kgl: product.density_kgl } };
}
