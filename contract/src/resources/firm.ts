import { z } from 'zod';

/** A logo of more signs than this is no logo. */
const MOST_LOGO = 200_000;

/** The firm that works here, as its papers name it. An empty name is none: papers then carry the product's own head. */
export const firmSchema = z
  .object({
    name: z.string().max(80, 'At most 80 characters.'),
    /** where it is, and how it is reached */
    contact: z.string().max(160, 'At most 160 characters.'),
    /** a picture, PNG or JPEG, in base64 */
    logo: z
      .string()
      .max(MOST_LOGO, 'This picture is larger than 150 kB: make it smaller.')
      .regex(/^[A-Za-z0-9+/]+=*$/, 'This is no picture.')
      .nullable(),
  })
  .strict();
export type Firm = z.infer<typeof firmSchema>;
