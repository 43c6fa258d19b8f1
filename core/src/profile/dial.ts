import { z } from 'zod';
import { MOST } from './bounds';

const key = z.string().min(1).max(MOST.label);
const common = {
  /** counts up, or steps to the next choice */
  up: key,
  down: key.optional(),
  /** after the last comes the first again */
  wraps: z.literal(true).optional(),
  /** the first press only makes the value flash, and changes nothing */
  firstOnlyShows: z.literal(true).optional(),
};

/** How the keys change a value: press by press from what stands there, or digit by digit. */
export const dialSchema = z.discriminatedUnion('by', [
  z.object({ by: z.literal('presses'), ...common }).strict(),
  z
    .object({
      by: z.literal('digits'),
      ...common,
      /** goes on to the digit beside it; the first is the leftmost */
      next: key,
      digits: z.int().min(1).max(10),
    })
    .strict(),
]);
export type Dial = z.infer<typeof dialSchema>;
