import { z } from 'zod';
import { aWord, makeForm, type Form } from '../../../describe';
import { dutyProductSchema, withDensity } from '../wire/product';
import { PRODUCT_FIELDS } from './product-fields';

/** A product as the library keeps it: what a duty knows of one, and what is to be minded. */
const kept = z
  .object({
    product: dutyProductSchema,
    note: z.string().max(1000, 'At most 1000 characters.'),
  })
  .strict();
export type KeptProduct = z.infer<typeof kept>;

/** What is asked of a product that is kept in the library. */
export const PRODUCT_FORM: Form<KeptProduct> = makeForm<KeptProduct>({
  parts: [
    {
      name: 'product',
      title: 'Product',
      says: () => '',
      fields: [
        PRODUCT_FIELDS,
        aWord('note', 'What is to be minded', { lines: 3, hint: 'Its safety data sheet counts' }),
      ],
    },
  ],
  schema: kept,
  start: {},
  finish: ({ product, ...read }) => ({
    ...read,
    product: withDensity((product ?? {}) as Record<string, unknown>),
  }),
  // asked once, and kept twice: a strength by weight stands beside its density
  typedAt: (path) => (path === 'product.strength.density_kgl' ? 'product.density_kgl' : path),
});
