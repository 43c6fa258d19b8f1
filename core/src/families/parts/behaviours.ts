import { z } from 'zod';

/** What a controller does by itself after a cut or a fault, as its profile says. */
export const afterSchema = z.enum(['resume', 'wait', 'set', 'unknown']);
export type After = z.infer<typeof afterSchema>;

/** What it does where nothing can be set; null where that is set, or nobody knows. */
export function ownWay(after: After): 'resume' | 'wait' | null {
  return after === 'resume' || after === 'wait' ? after : null;
}

/** Addresses that a controller's links take, by protocol; none where it has no link. */
export const protocolsSchema = z
  .array(
    z
      .object({ value: z.string().min(1), least: z.int().min(0), greatest: z.int().min(0).max(65_535) })
      .strict(),
  )
  .max(10);

/** An address on a link or a cable. */
export const addressSchema = z.int('An address is a whole number.').min(0).max(65_535);
